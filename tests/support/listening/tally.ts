import { readTake } from '#core/listening/reading';
import { judgedTake, type JudgedNote, type JudgedPair } from './judged-take.ts';
import { type Condition, LIMITS, type SeededTake } from './seeded-takes.ts';

/** The figures of some takes; shares are of a hundred. */
export interface Tally {
  readonly takes: number;
  readonly notes: number;
  /** The notes whose miss was read within the limit of their condition. */
  readonly within: number;
  /** The notes whose beginning was read within 30 ms. */
  readonly begun: number;
  /** The notes that were aligned. */
  readonly aligned: number;
  /** The notes that nobody played, for a hundred that were. */
  readonly invented: number;
  readonly pairs: PairTally;
  /** The notes that missed by more than twice the limit, and of those the share whose direction was read right. */
  readonly missed: number;
  readonly directed: number;
}

/** The figures of octaves and unisons that are long enough to beat; shares are of a hundred. */
export interface PairTally {
  readonly pairs: number;
  /** The pairs whose size was read within the limit. */
  readonly within: number;
  /** The pairs out by more than twice the limit whose side was told, and of those the share that was told right. */
  readonly told: number;
  readonly right: number;
}

/** The most by which the miss of a pair may be read wrong, cents. */
const PAIR_LIMIT = 4;

/** The time within which a beginning is right, seconds. */
const BEGUN_WITHIN = 0.03;

/** A take as far as figures need it. */
export interface ReadTake {
  readonly kind: string;
  readonly condition: Condition;
  readonly notes: readonly JudgedNote[];
  readonly pairs: readonly JudgedPair[];
  readonly invented: number;
  /** The length of the sound, and the time that reading took, seconds. */
  readonly seconds: number;
  readonly took: number;
}

/** Reads a seeded take and judges what was read. */
export function readSeeded({ kind, condition, due, known, take }: SeededTake): ReadTake {
  const since = performance.now();
  const reading = readTake(take, due, known);
  const took = (performance.now() - since) / 1000;
  return { kind, condition, ...judgedTake(due, take.played, reading), seconds: take.samples.length / take.sampleRate, took };
}

/** Sums up takes of one condition, of the notes that count or of those that are given apart. */
export function tallyOf(takes: readonly ReadTake[], condition: Condition, apart = false): Tally {
  const of = takes.filter((take) => take.condition === condition);
  const notes = of.flatMap((take) => take.notes.filter((note) => note.apart === apart));
  const { cents } = LIMITS[condition];
  const right = notes.filter(({ read }) => read !== null);
  const missed = right.filter((note) => Math.abs(note.missed) > 2 * cents);
  const share = (some: readonly JudgedNote[], all: readonly JudgedNote[]): number =>
    all.length === 0 ? 100 : (100 * some.length) / all.length;
  return {
    takes: of.length,
    notes: notes.length,
    within: share(
      right.filter((note) => Math.abs((note.read ?? 0) - note.missed) <= cents),
      notes,
    ),
    begun: share(
      notes.filter(({ late }) => late !== null && Math.abs(late) <= BEGUN_WITHIN),
      notes,
    ),
    aligned: share(
      notes.filter(({ aligned }) => aligned),
      notes,
    ),
    pairs: pairTally(of),
    invented: apart ? 0 : (100 * of.reduce((sum, take) => sum + take.invented, 0)) / Math.max(1, notes.length),
    missed: missed.length,
    directed: share(
      missed.filter(({ missed: really, read }) => Math.sign(read ?? 0) === Math.sign(really)),
      missed,
    ),
  };
}

function pairTally(takes: readonly ReadTake[]): PairTally {
  const pairs = takes.flatMap((take) => take.pairs);
  const told = pairs.filter(({ missed, side }) => side !== null && Math.abs(missed) > 2 * PAIR_LIMIT);
  const within = pairs.filter(({ missed, size }) => size !== null && Math.abs(size - Math.abs(missed)) <= PAIR_LIMIT);
  const share = (some: number, all: number): number => (all === 0 ? 100 : (100 * some) / all);
  return {
    pairs: pairs.length,
    within: share(within.length, pairs.length),
    told: told.length,
    right: share(told.filter(({ missed, side }) => Math.sign(missed) === side).length, told.length),
  };
}
