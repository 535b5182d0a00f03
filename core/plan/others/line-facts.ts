import type { Task } from '#core/brief';
import { comesBack, type Finger, FINGERS, isShift, type Placement, rankOf, type Shape, stopsIn } from '#core/hand/placement';
import type { Instrument } from '#core/instrument';
import { namingPlacement, positionOf } from '#core/plan/describe';
import { octaveBreaks } from '#core/search/costs';
import type { Lattice } from '#core/search/lattice';
import type { Solved } from '#core/solve';
import { THRESHOLDS } from './thresholds.ts';

/** A stay of a line, from the first to the last note of one hand, by order; open strings belong to the hand before. */
export interface HandStay {
  /** The order of its first note. */
  readonly from: number;
  /** The order of its last note. */
  readonly to: number;
  /** The first of its notes that is stopped; null for a line of open strings. */
  readonly first: Placement | null;
  /** The number of its notes that are stopped. */
  readonly stopped: number;
}

/** A shift of a line: the order of the note it arrives on, the placement before, and the placement after. */
export interface HandShift {
  /** The order of the note it arrives on, from 0. */
  readonly order: number;
  readonly from: Placement;
  readonly to: Placement;
  /** The placement by which the stay that it begins is named. */
  readonly named: Placement;
}

/** The facts of a line of placements by which a teacher would tell two lines apart. */
export interface LineFacts {
  readonly placements: readonly Placement[];
  readonly stays: readonly HandStay[];
  readonly shifts: readonly HandShift[];
  /** The notes on open strings. */
  readonly open: number;
  /** The fingers that slide a semitone on their string, each once, in the order of the hand. */
  readonly sliding: readonly Finger[];
  /** The number of notes for which the hand opens or reaches. */
  readonly extended: number;
  /** The number of notes with the fourth finger, by string. */
  readonly fourths: readonly number[];
}

/** The shapes in which a hand opens or reaches. */
const EXTENDED: ReadonlySet<Shape> = new Set<Shape>([
  'reached-back',
  'reached-forward',
  'reached-out',
  'drawn-in',
  'thumb-reached',
  'pivoted',
]);

/** Reads the facts of a line. */
export function factsOf(placements: readonly Placement[]): LineFacts {
  const singles = placements.filter(({ upper }) => upper === null);
  const strings = Math.max(0, ...singles.map(({ stringIndex }) => stringIndex + 1));
  return {
    placements,
    ...handOf(placements),
    open: singles.filter(({ finger }) => finger === '0').length,
    sliding: FINGERS.filter((finger) =>
      placements.some((placement, order) => placement.finger === finger && isSlide(placements[order - 1], placement)),
    ),
    extended: placements.filter(({ shape }) => EXTENDED.has(shape)).length,
    fourths: Array.from(
      { length: strings },
      (_, string) => singles.filter(({ finger, stringIndex }) => finger === '4' && stringIndex === string).length,
    ),
  };
}

function handOf(placements: readonly Placement[]): Pick<LineFacts, 'stays' | 'shifts'> {
  const stays: { from: number; to: number; first: Placement | null; stopped: number }[] = [];
  const shifts: (Omit<HandShift, 'named'> & { readonly stay: { readonly first: Placement | null } })[] = [];
  let last: Placement | null = null;
  for (const [order, placement] of placements.entries()) {
    const here = stays[stays.length - 1];
    if (stopsIn(placement).length === 0) {
      if (here) here.to = order;
      else stays.push({ from: order, to: order, first: null, stopped: 0 });
      continue;
    }
    if (last && isShift(last, placement)) {
      const stay = { from: order, to: order, first: placement, stopped: 1 };
      shifts.push({ order, from: last, to: placement, stay });
      stays.push(stay);
    } else if (here) {
      here.to = order;
      here.first = namingPlacement(here.first ? [here.first, placement] : [placement]) ?? placement;
      here.stopped += 1;
    } else stays.push({ from: order, to: order, first: placement, stopped: 1 });
    last = placement;
  }
  return { stays, shifts: shifts.map(({ stay, ...shift }) => ({ ...shift, named: stay.first ?? shift.to })) };
}

/** Tells whether one finger goes a semitone on along its string. */
export function isSlide(before: Placement | undefined, here: Placement): boolean {
  return (
    before !== undefined &&
    here.finger !== '0' &&
    before.finger === here.finger &&
    before.stringIndex === here.stringIndex &&
    Math.abs(before.semitonesAboveOpen - here.semitonesAboveOpen) === 1
  );
}

/**
 * Counts the visits of a line to a position: for one note, or there and back for two. A hand that does not open may go a semitone for one
 * note.
 */
export function visitsIn(task: Task, { stays }: LineFacts): number {
  return stays.filter((stay, index) => {
    const beside = [stays[index - 1]?.first ?? null, stays[index + 1]?.first ?? null] as const;
    return !(staysClosed(task) && isSemitoneAway(stay, beside)) && isVisit(stay, beside);
  }).length;
}

/** The hands of the stays before and after, where there are any. */
type Beside = readonly [before: Placement | null, after: Placement | null];

function isVisit({ first, stopped }: HandStay, [before, after]: Beside): boolean {
  if (!first || stopped > THRESHOLDS.visitNotes.value || !(before ?? after)) return false;
  if (stopped === 1) return true;
  if (!before || !after) return false;
  return (first.firstFinger - before.firstFinger) * (after.firstFinger - first.firstFinger) < 0;
}

function isSemitoneAway({ first }: HandStay, beside: Beside): boolean {
  return first !== null && beside.every((other) => !other || Math.abs(other.firstFinger - first.firstFinger) === 1);
}

/** Tells whether the cello's hand shifts instead of opening, because that is wished. */
function staysClosed({ instrument, wishes }: Task): boolean {
  return instrument.kind === 'cello' && wishes.has('no-extensions');
}

/** Counts the stays in half position, which only the bass, or a hand that does not open, takes for more than the notes that lie there. */
export function halvesIn(task: Task, { stays }: LineFacts): number {
  if (task.instrument.kind === 'bass' || staysClosed(task)) return 0;
  return stays.filter(({ first }) => first !== null && positionOf(task, first).label === 'half').length;
}

/**
 * Counts the notes that stand alone on a string between two notes of one other string. Rocking over a ringing open string does not count,
 * whether the note between is open or both beside it are; nor does the note at which a line turns that comes back the same way.
 */
export function excursionsIn({ placements }: LineFacts): number {
  const turn = comesBack(placements) ? (placements.length - 1) / 2 : null;
  return placements.filter((here, order) => {
    const [before, after] = [placements[order - 1], placements[order + 1]];
    return before !== undefined && after !== undefined && order !== turn && leavesString(before, here, after);
  }).length;
}

function leavesString(before: Placement, here: Placement, after: Placement): boolean {
  const rings = here.finger === '0' || (before.finger === '0' && after.finger === '0');
  return before.stringIndex === after.stringIndex && before.stringIndex !== here.stringIndex && !rings;
}

/** Counts how often the bow crosses to a lower string while the line rises, or to a higher one while it falls. */
export function crossingsBackIn({ placements }: LineFacts, instrument: Pick<Instrument, 'strings'>): number {
  return placements.filter((here, order) => {
    const before = placements[order - 1];
    return before !== undefined && (here.stringIndex - before.stringIndex) * (soundOf(here, instrument) - soundOf(before, instrument)) > 0;
  }).length;
}

/** Counts the pitches that a line plays both open and stopped. */
export function countMixed({ placements }: LineFacts, instrument: Pick<Instrument, 'strings'>): number {
  const singles = placements.filter(({ upper }) => upper === null);
  const soundsOf = (open: boolean): ReadonlySet<number> =>
    new Set(singles.filter(({ finger }) => (finger === '0') === open).map((placement) => soundOf(placement, instrument)));
  const stopped = soundsOf(false);
  return [...soundsOf(true)].filter((sound) => stopped.has(sound)).length;
}

/** Counts how often a line leaves the hand that plays its octaves. */
export function octaveBreaksIn({ placements }: LineFacts, steps: Solved['steps']): number {
  return placements.reduce((sum, to, order) => {
    const [from, gap] = [placements[order - 1], steps[order]?.gap];
    return sum + (from && gap ? octaveBreaks({ from, to, gap }) : 0);
  }, 0);
}

/** Tells whether a line ends lower than it begins. */
export function falls({ placements }: LineFacts, instrument: Pick<Instrument, 'strings'>): boolean {
  const [first, last] = [placements[0], placements[placements.length - 1]];
  return first !== undefined && last !== undefined && soundOf(last, instrument) < soundOf(first, instrument);
}

/** Gives the sound of a placement, semitones. */
function soundOf({ stringIndex, soundsAboveOpen }: Placement, { strings }: Pick<Instrument, 'strings'>): number {
  return (strings[stringIndex]?.semitones ?? 0) + soundsAboveOpen;
}

/** A tone, semitones. */
const TONE = 2;

/**
 * Counts the shifts that arrive in another way than schools teach. Taught are: going up, on the first finger; coming down, from it; onto a
 * higher string, on it, and onto a lower one, from it; on one finger, by a semitone or further than a tone, and the first by any distance.
 * While an open string sounds the hand shifts as it likes.
 */
export function unusualShiftsIn({ placements, shifts }: LineFacts): number {
  const overOpen = (order: number): boolean => placements[order - 1]?.finger === '0';
  return shifts.filter(({ order, from, to }) => !overOpen(order) && isUnusual(from, to)).length;
}

/** Tells whether a shift arrives in another way than schools teach. */
export function isUnusual(from: Placement, to: Placement): boolean {
  if (from.finger === to.finger && from.stringIndex === to.stringIndex) {
    return to.finger !== '1' && Math.abs(to.semitonesAboveOpen - from.semitonesAboveOpen) === TONE;
  }
  const rises = from.stringIndex === to.stringIndex ? to.firstFinger > from.firstFinger : to.stringIndex < from.stringIndex;
  const led = rises ? to : from;
  return (rankOf(led.finger) ?? 0) > 1;
}

/** The choices that a line has, however it is fingered. */
export interface LineChoices {
  /** The number of notes that must be open. */
  readonly leastOpen: number;
  /** The number of notes that can be open. */
  readonly mostOpen: number;
  /** Whether it has runs of semitones. */
  readonly chromatic: boolean;
}

/** Counts from the candidates the notes that must, and those that can, be played on open strings. */
export function choicesOf({ layers }: Lattice, chromatic: boolean): LineChoices {
  const isOpen = ({ finger, upper }: Placement): boolean => finger === '0' && upper === null;
  return {
    leastOpen: layers.filter(({ candidates }) => candidates.every(isOpen)).length,
    mostOpen: layers.filter(({ candidates }) => candidates.some(isOpen)).length,
    chromatic,
  };
}

/** Tells whether every string has the same finger at the same place above its open note, on at least two strings. */
export function hasSameFingers({ placements }: Pick<LineFacts, 'placements'>): boolean {
  const fingers = new Map<number, Finger>();
  const strings = new Set<number>();
  for (const { upper, stringIndex, semitonesAboveOpen, finger } of placements) {
    if (upper !== null || (fingers.get(semitonesAboveOpen) ?? finger) !== finger) return false;
    fingers.set(semitonesAboveOpen, finger);
    strings.add(stringIndex);
  }
  return strings.size > 1;
}

/**
 * Finds the string on which a line goes up with 1 and 2 in one position after the other, through at least two positions; null where it does
 * not.
 */
export function twoAndTwoOn({ placements, shifts }: Pick<LineFacts, 'placements' | 'shifts'>): number | null {
  const arrivals = new Set(shifts.filter(({ from, to }) => to.firstFinger > from.firstFinger).map(({ order }) => order));
  const isPair = (order: number): boolean => {
    const [one, two] = [placements[order], placements[order + 1]];
    return one?.finger === '1' && two?.finger === '2' && one.stringIndex === two.stringIndex && arrivals.has(order + 2);
  };
  const found = placements.findIndex(
    (here, order) => isPair(order) && isPair(order + 2) && placements[order + 2]?.stringIndex === here.stringIndex,
  );
  return placements[found]?.stringIndex ?? null;
}
