import { fraction, multiplyFractions, parseFraction } from '#core/fraction';
import type { LockedBow, Rhythm } from '#core/rhythm';
import type { NoteContent, UnplacedNote } from './line.ts';

type Variant = Pick<Rhythm, 'lengths' | 'bows' | 'accents' | 'lockedBows'>;

/**
 * Gives the same notes in another rhythm, another bowing or with accents; the work of the left hand stays the same. Patterns are counted
 * over the notes alone; rests and grace notes stay as they are. A rest ends a bow, as the last note does, and after it the bowing begins
 * again; so it does after a locked bow.
 */
export function inVariant(notes: readonly UnplacedNote[], variant: Variant): readonly UnplacedNote[] {
  const slursOn = slursOnIn(notes, variant);
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

function accentIn({ accent }: NoteContent, { accents }: Variant, order: number): NoteContent['accent'] {
  if (!accents) return accent;
  return order % accents.every === accents.on - 1 ? 'accent' : null;
}

/** A note with time of its own, or a rest: its index, and whether a bow can lead on to it. */
interface Timed {
  readonly index: number;
  readonly note: UnplacedNote;
}

/** Lists the indexes of the notes from which the bow goes on to the next; null where every slur stays as it is written. */
function slursOnIn(notes: readonly UnplacedNote[], { bows, lockedBows = [] }: Variant): ReadonlySet<number> | null {
  if (bows === undefined && lockedBows.length === 0) return null;
  const timed = notes.flatMap((note, index): readonly Timed[] => (note.kind === 'rest' || !note.grace ? [{ index, note }] : []));
  const lockedAt = lockedByNote(timed, lockedBows);
  const asked = new AskedBows(bows ?? null);
  const slurred = timed.filter(({ index, note }, order) => {
    const next = timed[order + 1];
    const locked = lockedAt.get(index);
    const goesOn = asked.goesOn(note, locked !== undefined);
    if (next === undefined || next.note.kind === 'rest') return false;
    return locked === lockedAt.get(next.index) && (locked !== undefined || goesOn);
  });
  return new Set(slurred.map(({ index }) => index));
}

/** Counts the notes into the bows that are asked for, one after the other. */
class AskedBows {
  private bow = 0;
  private inBow = 0;

  constructor(private readonly bows: readonly number[] | null) {}

  /** Tells whether the bow goes on after this note, the next in the line; where nothing is asked for, as it is written. */
  goesOn(note: UnplacedNote, locked: boolean): boolean {
    if (note.kind === 'rest' || locked) [this.bow, this.inBow] = [0, 0];
    if (note.kind === 'rest' || locked) return false;
    if (this.bows === null) return note.slurredToNext;
    this.inBow += 1;
    const isFull = this.inBow >= (this.bows[this.bow % this.bows.length] ?? 1);
    if (isFull) [this.bow, this.inBow] = [this.bow + 1, 0];
    return !isFull;
  }
}

/** Gives the locked bow that each note is in; the bows are in order. */
function lockedByNote(timed: readonly Timed[], lockedBows: readonly LockedBow[]): ReadonlyMap<number, LockedBow> {
  const at = new Map<number, LockedBow>();
  let order = 0;
  for (const { index } of timed) {
    while ((lockedBows[order]?.to ?? Infinity) < index) order += 1;
    const bow = lockedBows[order];
    if (bow && bow.from <= index) at.set(index, bow);
  }
  return at;
}
