/** The numbers of octaves a pattern may have. */
export const OCTAVE_COUNTS = [1, 2, 3, 4] as const;

/** A number of octaves. */
export type OctaveCount = (typeof OCTAVE_COUNTS)[number];
