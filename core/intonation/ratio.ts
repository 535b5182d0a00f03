import { type Pitch, semitonesOf, stepsOf } from '#core/pitch';

/** Two small whole numbers: the upper note makes `p` vibrations while the lower makes `q`. p ≥ q ≥ 1, without common divisor. */
export interface Ratio {
  /** The vibrations of the higher tone. */
  readonly p: number;
  /** The vibrations of the lower tone. */
  readonly q: number;
}

/**
 * Gives the size of a ratio of frequencies in cents: `1200·log2(ratio)`.
 *
 * @example centsOfRatio(3 / 2) is 701.955: a pure fifth.
 */
export function centsOfRatio({ p, q }: Ratio): number {
  return 1200 * Math.log2(p / q);
}

/** Gives the factor by which a frequency changes with a number of cents: `2^(cents/1200)`. */
export function factorOfCents(cents: number): number {
  return 2 ** (cents / 1200);
}

/**
 * The intervals whose pure form is a ratio of numbers up to 6, by letter steps and semitones: the partials that two strings have in common
 * low enough to be heard. Source: the harmonic series.
 */
const PURE_INTERVALS: readonly { readonly steps: number; readonly semitones: number; readonly ratio: Ratio }[] = [
  { steps: 0, semitones: 0, ratio: { p: 1, q: 1 } },
  { steps: 2, semitones: 3, ratio: { p: 6, q: 5 } },
  { steps: 2, semitones: 4, ratio: { p: 5, q: 4 } },
  { steps: 3, semitones: 5, ratio: { p: 4, q: 3 } },
  { steps: 4, semitones: 7, ratio: { p: 3, q: 2 } },
  { steps: 5, semitones: 9, ratio: { p: 5, q: 3 } },
  { steps: 7, semitones: 12, ratio: { p: 2, q: 1 } },
  { steps: 9, semitones: 16, ratio: { p: 5, q: 2 } },
  { steps: 11, semitones: 19, ratio: { p: 3, q: 1 } },
  { steps: 14, semitones: 24, ratio: { p: 4, q: 1 } },
  { steps: 16, semitones: 28, ratio: { p: 5, q: 1 } },
  { steps: 18, semitones: 31, ratio: { p: 6, q: 1 } },
];

/**
 * Finds the small ratio of two pitches, whichever is the higher, as they are spelled: C–E is 5 : 4, C–F♭ has none. Null where there is none
 * with numbers up to 6.
 */
export function pureRatio(one: Pitch, other: Pitch): Ratio | null {
  const up = semitonesOf(one) >= semitonesOf(other);
  const [high, low] = up ? [one, other] : [other, one];
  const steps = stepsOf(high) - stepsOf(low);
  const semitones = semitonesOf(high) - semitonesOf(low);
  return PURE_INTERVALS.find((interval) => interval.steps === steps && interval.semitones === semitones)?.ratio ?? null;
}

/**
 * Gives the beats a second between two notes of a nearly pure interval: `|q·f1 − p·f2|`, the difference of the lowest partials that should
 * coincide (the q-th of the upper note, the p-th of the lower). The order of the two frequencies does not matter.
 */
export function beatsHz({ p, q }: Ratio, oneHz: number, otherHz: number): number {
  return Math.abs(q * Math.max(oneHz, otherHz) - p * Math.min(oneHz, otherHz));
}
