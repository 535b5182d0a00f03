import type { StringStop } from './types.ts';

/**
 * How far two fingers of violin and viola stand apart, in semitones of first position, by how many fingers they are apart: one
 * finger level, neighbours a semitone or a tone, 1–3 and 2–4 at most a major third, 1–4 at most a tritone.
 */
const APART: readonly (readonly [number, number])[] = [
  [0, 0],
  [1, 2],
  [2, 4],
  [3, 6],
];

/** By fingers apart, the place from which they may open a semitone more: there it is no wider in mm than at first position. */
const WIDER_FROM: readonly number[] = [Infinity, 9, 6, 5];

/** Whether two fingers may stand so far apart; `semitones` is positive where the higher finger stands higher, `lowest` the lower place. */
export function standApart(fingers: number, semitones: number, lowest: number): boolean {
  const [least, most] = APART[fingers] ?? [0, 0];
  return semitones >= least && semitones <= most + (lowest >= (WIDER_FROM[fingers] ?? Infinity) ? 1 : 0);
}

const AUGMENTED_SECOND = 3;

/** An augmented second, spelled so: it lies under neighbouring fingers, as a minor third never does. */
export function isAugmentedSecond(semitones: number, one: StringStop, other: StringStop): boolean {
  return semitones === AUGMENTED_SECOND && Math.abs(other.letterSteps - one.letterSteps) === 1;
}
