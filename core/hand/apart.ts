import type { StringStop } from '#core/hand/placement';

/**
 * The distance of two fingers of violin and viola, in semitones of first position, by the number of fingers between them: one finger is
 * level, neighbours are a semitone or a tone apart, 1–3 and 2–4 at most a major third, 1–4 at most a tritone.
 */
const APART: readonly (readonly [number, number])[] = [
  [0, 0],
  [1, 2],
  [2, 4],
  [3, 6],
];

/**
 * The places from which two fingers may open a semitone more, by their distance in fingers: there it is no wider in mm than at first
 * position.
 */
const WIDER_FROM: readonly number[] = [Infinity, 9, 6, 5];

/**
 * Tells whether two fingers may stand at a distance; `semitones` is positive where the higher finger stands higher, `lowest` is the lower
 * place.
 */
export function standApart(fingers: number, semitones: number, lowest: number): boolean {
  const [least, most] = APART[fingers] ?? [0, 0];
  return semitones >= least && semitones <= most + (lowest >= (WIDER_FROM[fingers] ?? Infinity) ? 1 : 0);
}

const AUGMENTED_SECOND = 3;

/** Tells whether an interval is spelled as an augmented second: it lies under neighbouring fingers, as a minor third never does. */
export function isAugmentedSecond(semitones: number, one: StringStop, other: StringStop): boolean {
  return semitones === AUGMENTED_SECOND && Math.abs(other.letterSteps - one.letterSteps) === 1;
}
