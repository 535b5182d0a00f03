/**
 * The systems a note may aim at. `equal`: twelve equal semitones; `linear`: a chain of pure fifths through A, as the open strings are
 * tuned; `pure`: small whole-number ratios to the tonic; `quarter-comma`: a chain of fifths narrow enough for pure major thirds; `melodic`:
 * linear with leading notes raised.
 */
export const SYSTEMS = ['equal', 'linear', 'pure', 'quarter-comma', 'melodic'] as const;

/** A system that a note aims at. */
export type IntonationSystem = (typeof SYSTEMS)[number];

/** The cents by which the melodic system raises a leading note: the usual, the least and the most. Ears differ: it is a starting value. */
export const LEADING_CENTS = { usual: 8, least: 0, most: 30 } as const;
