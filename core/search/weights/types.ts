/** A weight for each of the fingers 1–4, in thousandths. */
export type PerFinger = readonly [number, number, number, number];

/** What leaving a place and arriving at another costs by finger, in one direction. */
export interface ShiftFingers {
  readonly leaving: PerFinger;
  readonly arriving: PerFinger;
}

/**
 * All weights of one instrument, in integer thousandths of a unit, so that sums are exact and ties are ties. A unit has
 * no absolute meaning: a crossing of about a quarter and a shift of one to two units set the scale. The numbers come
 * from a prototype fitted to standard fingerings; structure matters more than any single one.
 */
export interface Weights {
  readonly shift: {
    readonly fixed: number;
    readonly perMm: number;
    /** Share of fixed and travel that is left when one finger moves a semitone on one string. */
    readonly semitoneShare: number;
    /** Share of the whole shift that is left when it happens while an open string sounds. */
    readonly openShare: number;
    /** Share that is left when a rest gives time. */
    readonly restShare: number;
    readonly crossing: number;
    readonly againstMelody: number;
    readonly underSlur: number;
    /** Per mm/s of travel above `easySpeed`. */
    readonly haste: number;
    readonly up: ShiftFingers;
    readonly down: ShiftFingers;
    readonly sameFinger: PerFinger;
  };
  readonly crossing: { readonly each: number; readonly skipped: number; readonly againstMelody: number };
  readonly openString: number;
  readonly finger: PerFinger;
  /** By position (violin, viola: letter position from 0; cello, bass: anchor from 0); the last one holds above. */
  readonly position: readonly number[];
  /** Share of the position's weight that every note pays; the whole is paid on entering. */
  readonly positionPerNoteShare: number;
  /** Per semitone from a height, times the number of strings above. */
  readonly highOnLowString: { readonly from: number; readonly perSemitone: number };
  /** For every note while the hand stands so, whichever finger plays it. */
  readonly reachedBack: number;
  readonly reachedForward: number;
  readonly drawnIn: number;
  readonly creeping: number;
  readonly respelling: number;
  readonly slide: number;
  readonly sameFingerNeighbour: { readonly atTuningInterval: number; readonly elsewhere: number };
  readonly fingerOrder: number;
  readonly substitution: number;
  /** Opening and closing of the cello's hand; `stayingIdle` multiplies when the finger that stays is not the one in use. */
  readonly shapeChange: { readonly each: number; readonly stayingIdle: number; readonly shiftingShare: number };
}

/** Travel that needs no hurry, mm per second. */
export const EASY_SPEED_MM_PER_SECOND = 250;
