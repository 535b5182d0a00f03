/**
 * Gives the distance in mm from the nut to the place that sounds `semitones` above the open string, on a string of vibrating
 * length `lengthMm`: `L·(1 − 2^(−n/12))`, since frequency is inversely proportional to sounding length (Mersenne).
 * `semitones` may be fractional, ≥ 0; 0 is the nut.
 *
 * @example mmFromNut(12, 328) is 164: the octave lies at half the string.
 */
export function mmFromNut(lengthMm: number, semitones: number): number {
  return lengthMm * (1 - 2 ** (-semitones / 12));
}

/** Lists the mm from the nut of the whole semitones 0 … `highest`, by semitone. */
export function placesMm(lengthMm: number, highest: number): readonly number[] {
  return Array.from({ length: highest + 1 }, (_, semitones) => mmFromNut(lengthMm, semitones));
}

/** Gives the semitones above the open string at a distance from the nut: the inverse of `mmFromNut`. 0 ≤ `mm` < `lengthMm`. */
export function semitonesAtMm(lengthMm: number, mm: number): number {
  return -12 * Math.log2(1 - mm / lengthMm);
}

/**
 * Gives the mm that ten cents are at a place: `l·ln 2/120` with `l` the sounding length there (the derivative of `mmFromNut` by cents,
 * times ten).
 */
export function mmPerTenCents(lengthMm: number, semitones: number): number {
  return (lengthMm * 2 ** (-semitones / 12) * Math.LN2) / 120;
}

/** Gives the sounding part of a string stopped `semitones` above its open note, mm: `L·2^(−n/12)`. */
export function soundingLengthMm(lengthMm: number, semitones: number): number {
  return lengthMm * 2 ** (-semitones / 12);
}

/** Gives the room between a place and the one a semitone above it, mm: `L·2^(−n/12)·(1 − 2^(−1/12))`. */
export function semitoneSpaceMm(lengthMm: number, semitones: number): number {
  return mmFromNut(lengthMm, semitones + 1) - mmFromNut(lengthMm, semitones);
}

/** The contact point of the bow, as a share of the sounding length from the bridge: the usual, the least and the most for ordinary tone. */
export const CONTACT_SHARES = { usual: 0.09, least: 0.06, most: 0.12 } as const;

/**
 * Gives the contact point of the bow in mm from the bridge: a constant share of the sounding length, so that it moves towards the bridge as
 * the hand goes up. The reason: the bow excites the partials by where it lies between their nodes, and the nodes shrink with the string.
 */
export function contactPointMm(lengthMm: number, semitones: number, share: number): number {
  return share * soundingLengthMm(lengthMm, semitones);
}

/** Gives the highest whole semitone above the open string that still lies on a fingerboard ending at `endShare` of the length. */
export function fingerboardEndSemitones(endShare: number): number {
  return Math.floor(-12 * Math.log2(1 - endShare));
}
