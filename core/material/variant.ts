import { fraction, multiplyFractions, parseFraction, type Rhythm } from '#core/rhythm';
import type { NoteContent, UnplacedNote } from './line.ts';

type Variant = Pick<Rhythm, 'lengths' | 'bows' | 'accents'>;

/**
 * The same notes in another rhythm, another bowing or with accents: what the left hand does is untouched. What comes one after the
 * other is counted over the notes alone; rests and small notes stay as they are, and a rest ends a bow, after which the bowing begins
 * again. The last note ends a bow too.
 */
export function inVariant(notes: readonly UnplacedNote[], variant: Variant): readonly UnplacedNote[] {
  const slursOn = variant.bows && slursOnIn(notes, variant.bows);
  let order = -1;
  return notes.map((note, index) => {
    if (note.kind === 'rest' || note.grace) return note;
    order += 1;
    return {
      ...note,
      duration: lengthIn(note, variant, order),
      accent: accentIn(note, variant, order),
      slurredToNext: slursOn ? slursOn.has(index) : note.slurredToNext,
    };
  });
}

function lengthIn({ duration }: NoteContent, { lengths }: Variant, order: number): NoteContent['duration'] {
  const share = lengths && lengths.length > 0 ? parseFraction(lengths[order % lengths.length] ?? '') : null;
  return multiplyFractions(duration, share ?? fraction(1, 1));
}

function accentIn({ accent }: NoteContent, { accents }: Variant, order: number): boolean {
  return accents ? order % accents.every === accents.on - 1 : accent;
}

/** The indexes of the notes from which the bow goes on to the next. */
function slursOnIn(notes: readonly UnplacedNote[], bows: readonly number[]): ReadonlySet<number> {
  const slurred = new Set<number>();
  let bow = 0;
  let inBow = 0;
  for (const [index, note] of notes.entries()) {
    if (note.kind === 'rest') [bow, inBow] = [0, 0];
    if (note.kind === 'rest' || note.grace) continue;
    inBow += 1;
    if (inBow < (bows[bow % bows.length] ?? 1)) {
      if (notes.slice(index + 1).find(isTimed)?.kind === 'note') slurred.add(index);
    } else [bow, inBow] = [bow + 1, 0];
  }
  return slurred;
}

/** A rest, or a note with time of its own. */
function isTimed(note: UnplacedNote): boolean {
  return note.kind === 'rest' || !note.grace;
}
