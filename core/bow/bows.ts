import type { Mark } from '#core/brief';
import { inOneBow, type Line, type LineNote } from '#core/material/line';
import { asNumber } from '#core/fraction';

/** The direction of a bow: down or up. */
export type BowDirection = NonNullable<Mark['bow']>;

/** The notes played between two changes of the bow. */
export interface Bow {
  /** The line index of its first note. */
  readonly from: number;
  /** The line index of its last note. */
  readonly to: number;
  /** The number of notes in it, grace notes not counted. */
  readonly notes: number;
  /** The direction of the bow. */
  readonly direction: BowDirection;
  /** Whether it goes the same way as the bow before: it is lifted and set again, or goes on after a stop. */
  readonly again: boolean;
  /** Whether a rest comes before it, or the beginning of the line. */
  readonly afterRest: boolean;
  /** The length of the bow, in whole notes. */
  readonly length: number;
}

/**
 * Finds the bows of a line in order. A bow ends where no slur leads on, before a rest, and before a bow sign. The first goes down, unless a
 * sign says otherwise; before the first bar line the bows are counted so that the bow that begins on the first beat goes down, as players
 * do it. Each goes the other way than the one before, unless a sign says otherwise.
 */
export function bowsOf({ notes, meter }: Line, marks: readonly Mark[] = []): readonly Bow[] {
  const signs = new Map(marks.flatMap(({ note, bow }) => (bow ? [[note, bow] as const] : [])));
  const spans = spansOf(notes, signs);
  const first = firstDirection(notes, spans, meter.beats / meter.beatValue);
  const bows: Bow[] = [];
  for (const { from, to, afterRest } of spans) {
    const before = bows[bows.length - 1];
    const direction = signs.get(from) ?? (before ? otherWay(before.direction) : first);
    const inIt = notes.slice(from, to + 1).filter(isCounted);
    const length = inIt.reduce((sum, { duration }) => sum + asNumber(duration), 0);
    bows.push({ from, to, notes: inIt.length, direction, again: before?.direction === direction, afterRest, length });
  }
  return bows;
}

/** Gives the opposite direction. */
export function otherWay(direction: BowDirection): BowDirection {
  return direction === 'down' ? 'up' : 'down';
}

/** Tells whether a note has time of its own. */
export function isCounted(note: LineNote): boolean {
  return note.kind === 'note' && !note.grace;
}

type Span = Pick<Bow, 'from' | 'to' | 'afterRest'>;

function spansOf(notes: readonly LineNote[], signs: ReadonlyMap<number, BowDirection>): readonly Span[] {
  const spans: { from: number; to: number; afterRest: boolean }[] = [];
  for (const [index, note] of notes.entries()) {
    if (note.kind === 'rest') continue;
    const [open, before] = [spans[spans.length - 1], notes[index - 1]];
    if (open && inOneBow(before) && !signs.has(index)) open.to = index;
    else spans.push({ from: index, to: index, afterRest: before?.kind !== 'note' });
  }
  return spans;
}

/**
 * Finds the direction of the first bow: up where an odd number of bows comes before the first that begins on a first beat; down where a
 * slur leads over it.
 */
function firstDirection(notes: readonly LineNote[], spans: readonly Span[], measure: number): BowDirection {
  const onset = (index: number): number => {
    const at = notes[index]?.onset;
    return at ? asNumber(at) : 0;
  };
  const [first] = spans;
  if (!first || onset(first.from) % measure === 0) return 'down';
  const barLine = (Math.floor(onset(first.from) / measure) + 1) * measure;
  const before = spans.findIndex(({ from }) => Math.abs(onset(from) - barLine) < TINY);
  return before % 2 === 1 ? 'up' : 'down';
}

/** Onsets are exact fractions of small numbers; as decimal numbers they may differ by a hair. */
const TINY = 1e-9;
