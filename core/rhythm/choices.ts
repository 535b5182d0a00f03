/** Meters offered. */
export const METERS = ['4/4', '3/4', '2/4', '2/2', '6/8', '9/8', '12/8'] as const;

/** Note values offered for scales and arpeggios, as fractions of a whole note. */
export const NOTE_VALUES = ['1/1', '1/2', '1/4', '1/8', '1/16'] as const;
