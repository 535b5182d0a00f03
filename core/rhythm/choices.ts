/** The meters offered, the usual ones first. */
export const METERS = ['4/4', '3/4', '2/4', '2/2', '6/8', '9/8', '12/8', '3/8', '5/4', '6/4', '7/4', '3/2', '4/2', '5/8', '7/8'] as const;

/** A meter as it is written behind the clef. */
export type MeterName = (typeof METERS)[number];

/** The note values offered for scales and arpeggios, as fractions of a whole note. */
export const NOTE_VALUES = ['1/1', '1/2', '1/4', '1/8', '1/16'] as const;
