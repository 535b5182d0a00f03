import { addFractions, asNumber, compareFractions, fraction, type Fraction, subtractFractions } from '#core/fraction';
import type { MidiNote } from './song.ts';

/** The grids to which played notes are set: the shortest value, plain, in triplets, or whichever fits each beat better. */
export const GRIDS = ['eighths', 'sixteenths', '32nds', 'triplets', 'sixteenths-and-triplets'] as const;

/** The name of a grid. */
export type Grid = (typeof GRIDS)[number];

/** The steps of a quarter that each grid allows. */
const STEPS: Readonly<Record<Grid, readonly number[]>> = {
  eighths: [2],
  sixteenths: [4],
  '32nds': [8],
  triplets: [3],
  'sixteenths-and-triplets': [4, 3],
};

/** The notes set to a grid, and their distance from it. */
export interface Quantised {
  /** The notes in the order in which they begin, then from the lowest. */
  readonly notes: readonly GridNote[];
  /** The distance of notes from their place on average, and at most, in quarters. */
  readonly error: { readonly mean: number; readonly largest: number };
}

/** A note in its place. */
export interface GridNote {
  /** The onset in whole notes from the beginning. */
  readonly onset: Fraction;
  /** The length in whole notes, at least one step. */
  readonly duration: Fraction;
  /** The key on the keyboard, semitones above C−1. */
  readonly key: number;
}

/** Sets notes to a grid: where a beat has two kinds of steps, to the one that is nearer to all that begins in it. */
export function quantise(notes: readonly MidiNote[], ticksPerQuarter: number, grid: Grid): Quantised {
  const steps = stepsByBeat(notes, ticksPerQuarter, STEPS[grid]);
  const snapTick = (tick: number): Fraction => snap(tick / ticksPerQuarter, steps(Math.floor(tick / ticksPerQuarter + TINY)));
  const errors: number[] = [];
  const placed = notes.map(({ at, ticks, key }): GridNote => {
    const [onset, end] = [snapTick(at), snapTick(at + ticks)];
    errors.push(Math.abs(asNumber(onset) * 4 - at / ticksPerQuarter));
    const length = subtractFractions(end, onset);
    const shortest = fraction(1, 4 * steps(Math.floor(asNumber(onset) * 4 + TINY)));
    return { onset, duration: compareFractions(length, shortest) < 0 ? shortest : length, key };
  });
  const inOrder = placed.toSorted((one, other) => compareFractions(one.onset, other.onset) || one.key - other.key);
  const mean = errors.reduce((sum, error) => sum + error, 0) / Math.max(1, errors.length);
  return { notes: inOrder, error: { mean, largest: errors.reduce((most, error) => Math.max(most, error), 0) } };
}

/** Finds the coarsest grid to which everything is near: on average within an eightieth of a quarter, or as near as to any finer one. */
export function bestGrid(notes: readonly MidiNote[], ticksPerQuarter: number): Grid {
  const errors = new Map(GRIDS.map((grid) => [grid, quantise(notes, ticksPerQuarter, grid).error.mean]));
  const least = Math.min(...errors.values());
  return GRIDS_COARSE_FIRST.find((grid) => (errors.get(grid) ?? Infinity) <= Math.max(NEAR, least * 1.2)) ?? 'sixteenths';
}

const GRIDS_COARSE_FIRST: readonly Grid[] = ['eighths', 'triplets', 'sixteenths', 'sixteenths-and-triplets', '32nds'];

/** The distance that counts as near, in quarters. */
const NEAR = 1 / 80;

/** Finds the number of steps of each beat. */
function stepsByBeat(notes: readonly MidiNote[], ticksPerQuarter: number, allowed: readonly number[]): (beat: number) => number {
  const [usual = 4] = allowed;
  const errors = new Map<number, number[]>();
  for (const { at } of notes) {
    const quarters = at / ticksPerQuarter;
    const beat = Math.floor(quarters + TINY);
    const sums = errors.get(beat) ?? allowed.map(() => 0);
    errors.set(
      beat,
      allowed.map((steps, order) => (sums[order] ?? 0) + Math.abs(asNumber(snap(quarters, steps)) * 4 - quarters)),
    );
  }
  return (beat) => {
    const sums = errors.get(beat) ?? [];
    return allowed[sums.indexOf(Math.min(...sums))] ?? usual;
  };
}

function snap(quarters: number, steps: number): Fraction {
  return fraction(Math.round(quarters * steps), 4 * steps);
}

/** Ticks divided by ticks may miss a whole number by a hair. */
const TINY = 1e-9;

/** Gives the end of a note. */
export function endOf({ onset, duration }: GridNote): Fraction {
  return addFractions(onset, duration);
}
