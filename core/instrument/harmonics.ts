/** A natural harmonic: the partial that sounds, and the place on the string that a finger touches for it. */
export interface HarmonicNode {
  /** The partial: 2 for the octave, 3 the twelfth, 4 the double octave, 5 the third above it. */
  readonly partial: 2 | 3 | 4 | 5;
  /** The semitones of the partial above the open string, to the nearest. */
  readonly sounds: number;
  /** The place touched, as an exact share of the string from the nut. */
  readonly share: number;
  /** The nearest semitone of the place touched. */
  readonly touched: number;
  /** The letter steps of the stopped note at that place. */
  readonly letterSteps: number;
}

/**
 * The places at which natural harmonics are touched. A string touched at k/m of its length (k, m without common divisor) sounds its m-th
 * partial, `12·log2 m` semitones above the open string; the place is `−12·log2(1 − k/m)` semitones up (Mersenne's law for the stopped
 * length, and the standing wave that keeps a node there). Partials 2 to 5, places on the fingerboard, the one nearest the nut first.
 */
export const HARMONIC_NODES: readonly HarmonicNode[] = [
  { partial: 2, sounds: 12, share: 1 / 2, touched: 12, letterSteps: 7 },
  { partial: 3, sounds: 19, share: 1 / 3, touched: 7, letterSteps: 4 },
  { partial: 3, sounds: 19, share: 2 / 3, touched: 19, letterSteps: 11 },
  { partial: 4, sounds: 24, share: 1 / 4, touched: 5, letterSteps: 3 },
  { partial: 4, sounds: 24, share: 3 / 4, touched: 24, letterSteps: 14 },
  { partial: 5, sounds: 28, share: 1 / 5, touched: 4, letterSteps: 2 },
  { partial: 5, sounds: 28, share: 2 / 5, touched: 9, letterSteps: 5 },
  { partial: 5, sounds: 28, share: 3 / 5, touched: 16, letterSteps: 9 },
];
