import type { InstrumentKind } from '#core/instrument';

/**
 * The usual places of beginners' tapes, semitones above the open string: first position at rest, one for each finger. Violin and viola: a
 * tone to the first finger, the third a fourth up, the second high; cello: a semitone each; double bass: 1-2-4.
 */
export const FIRST_TAPES: Readonly<Record<InstrumentKind, readonly number[]>> = {
  violin: [2, 4, 5, 7],
  viola: [2, 4, 5, 7],
  cello: [2, 3, 4, 5],
  bass: [2, 3, 4],
};
