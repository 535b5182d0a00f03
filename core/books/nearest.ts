import type { ClassedShift } from '#core/drill/finder';
import type { ShiftClass } from '#core/drill/shifts';
import { type Interval, parsePitch, semitonesOf, stepsOf } from '#core/pitch';
import type { PieceOfBook } from './piece-of-book.ts';

/** A shift for which the nearest measure is looked for. */
export interface SoughtShift {
  readonly shiftClass: ShiftClass;
  /** The note it leaves as the player reads it, documents' form; null where only the kind of shift is sought. */
  readonly left: string | null;
  /** The note it arrives on as the player reads it, documents' form; null where only the kind of shift is sought. */
  readonly written: string | null;
}

/** A feature in which a shift differs from the one that is sought. */
export type Unlike = 'from-finger' | 'to-finger' | 'distance' | 'way' | 'string';

/** A measure of a book with a shift like the one that is sought. */
export interface NearMeasure {
  /** The id of the piece. */
  readonly piece: string;
  readonly shift: ClassedShift;
  /** The interval by which the measure is moved to come nearest, upward positive; a unison where it serves as it is. */
  readonly moved: Interval;
  /** The notes of the sought shift that the measure does not have, even moved: as the player reads them, documents' form. */
  readonly missing: readonly string[];
  /** The features in which it differs, when it is moved. */
  readonly unlike: readonly Unlike[];
  /** The shift as it is played there: its own fingers, on the string that is sought where it is moved onto it. */
  readonly played: ShiftClass;
}

/** A unison: the music stays where it is. */
const UNISON: Interval = { steps: 0, semitones: 0 };

/** The largest interval by which a measure is moved, semitones: farther away it is other music. */
const MOST_MOVED = 12;

/**
 * The price of each feature that differs. Fingers count most, since the hand learns a shift by the finger that leaves and the one that
 * arrives; the string counts least, since the same hand plays the same shift on every string. They are ours: no source weighs them.
 */
const PRICES: Readonly<Record<Unlike, number>> = { 'from-finger': 4, 'to-finger': 4, distance: 4, way: 3, string: 1 };

/** The price at which a shift is for something else: two of fingers and distance differ. */
const TOO_UNLIKE = 8;

/**
 * Finds the measures of books that come nearest to a shift, the nearest first, one for each measure. First comes what the hand does (fingers,
 * distance, direction, string), then whether both notes are there, then whether the measure serves as it is. A measure is moved where that
 * brings both notes onto those that are sought, or the shift onto its string.
 */
export function nearestMeasures(sought: SoughtShift, pieces: readonly PieceOfBook[], most: number): readonly NearMeasure[] {
  const near = pieces.flatMap(({ id, facts }) => nearestOfPiece(sought, id, facts.shifts));
  return near
    .toSorted((one, other) => compareRanks(one.rank, other.rank))
    .slice(0, most)
    .map(({ measure }) => measure);
}

/** A measure with what it is ranked by, the weightiest first. */
interface Ranked {
  readonly measure: NearMeasure;
  readonly rank: readonly number[];
}

function nearestOfPiece(sought: SoughtShift, piece: string, shifts: readonly ClassedShift[]): readonly Ranked[] {
  const byMeasure = new Map<number, Ranked>();
  for (const shift of shifts) {
    if (shift.shiftClass.kind !== sought.shiftClass.kind || priceOf(unlikeMoves(sought.shiftClass, shift.shiftClass)) >= TOO_UNLIKE)
      continue;
    for (const moved of movesTowards(sought, shift)) {
      const ranked = rankMoved(sought, piece, shift, moved);
      const before = byMeasure.get(shift.measure);
      if (!before || compareRanks(ranked.rank, before.rank) < 0) byMeasure.set(shift.measure, ranked);
    }
  }
  return [...byMeasure.values()];
}

function rankMoved(sought: SoughtShift, piece: string, shift: ClassedShift, moved: Interval): Ranked {
  const missing = missingNotes(sought, shift, moved);
  const moves = unlikeMoves(sought.shiftClass, shift.shiftClass);
  const { fromString, toString } = moved.semitones === 0 ? shift.shiftClass : sought.shiftClass;
  const isOnString = fromString === sought.shiftClass.fromString && toString === sought.shiftClass.toString;
  const unlike = isOnString || moves.includes('string') ? moves : [...moves, 'string' as const];
  return {
    measure: { piece, shift, moved, missing, unlike, played: { ...shift.shiftClass, fromString, toString } },
    rank: [priceOf(moves), missing.length, priceOf(unlike), Math.abs(moved.semitones)],
  };
}

/**
 * Lists the features in which one shift is another move of the hand, wherever on the instrument. A shift onto another string and one along a
 * string are never the same move.
 */
function unlikeMoves(sought: ShiftClass, shift: ShiftClass): readonly Unlike[] {
  const { fromFinger, toFinger, distance, way } = shift;
  const unlike: readonly (readonly [Unlike, boolean])[] = [
    ['from-finger', fromFinger !== sought.fromFinger],
    ['to-finger', toFinger !== sought.toFinger],
    ['distance', distance.by !== sought.distance.by || distance.steps !== sought.distance.steps],
    ['way', way !== sought.way],
    ['string', crosses(shift) !== crosses(sought)],
  ];
  return unlike.flatMap(([what, differs]) => (differs ? [what] : []));
}

function crosses({ fromString, toString }: ShiftClass): boolean {
  return fromString !== toString;
}

function priceOf(unlike: readonly Unlike[]): number {
  return unlike.reduce((sum, what) => sum + PRICES[what], 0);
}

/**
 * Lists the moves that may bring a shift nearer: none, the one that brings both notes onto those that are sought, and the one onto their
 * string. One note alone is no reason to play a study in another key.
 */
function movesTowards({ shiftClass, left, written }: SoughtShift, shift: ClassedShift): readonly Interval[] {
  const { fromString, toString } = shift.shiftClass;
  // Onto another string there and along one here: it would be another shift, wherever it were moved.
  if (crosses(shift.shiftClass) !== crosses(shiftClass)) return [UNISON];
  const ontoNotes = sameInterval(intervalTo(shift.left, left), intervalTo(shift.written, written));
  const ontoString = sameInterval(intervalTo(fromString, shiftClass.fromString), intervalTo(toString, shiftClass.toString));
  const useful = [ontoNotes, ontoString].filter((move) => move !== null && move.semitones !== 0 && Math.abs(move.semitones) <= MOST_MOVED);
  return [UNISON, ...useful.filter((move) => move !== null)];
}

/** Gives an interval where another is as wide; null where they differ, or one is not there. */
function sameInterval(one: Interval | null, other: Interval | null): Interval | null {
  return one && one.semitones === other?.semitones ? one : null;
}

function missingNotes({ left, written }: SoughtShift, shift: ClassedShift, moved: Interval): readonly string[] {
  const ends: readonly (readonly [string | null, string])[] = [
    [left, shift.left],
    [written, shift.written],
  ];
  return ends.flatMap(([wanted, there]) => {
    const apart = intervalTo(there, wanted);
    return wanted !== null && apart?.semitones !== moved.semitones ? [wanted] : [];
  });
}

/** Gives the interval from one note to another, upward positive; null where there is no other, or one does not read. */
function intervalTo(from: string, to: string | null): Interval | null {
  if (to === null) return null;
  const [low, high] = [parsePitch(from), parsePitch(to)];
  if (!low.ok || !high.ok) return null;
  return { steps: stepsOf(high.value) - stepsOf(low.value), semitones: semitonesOf(high.value) - semitonesOf(low.value) };
}

function compareRanks(one: readonly number[], other: readonly number[]): number {
  const place = one.findIndex((rank, order) => rank !== other[order]);
  return place < 0 ? 0 : (one[place] ?? 0) - (other[place] ?? 0);
}
