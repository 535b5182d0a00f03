import type { Brief } from '#core/brief';
import type { StringNumber } from '#core/instrument';
import type { Line } from '#core/material/line';
import type { CostTerm } from '#core/weights';
import type { Shift } from './shift.ts';
import type { Landmark, SetDown, Stay } from './stay.ts';
import type { PlannedNote } from './stop.ts';

/** One named part of the total cost. */
export interface CostLine {
  /** The reason for the cost. */
  readonly term: CostTerm;
  /** The cost of all its times together. */
  readonly thousandths: number;
  /** The number of times it was charged. */
  readonly times: number;
}

/** The total of a plan and its parts, the largest first; the parts add up to the total exactly. */
export interface CostBreakdown {
  /** The sum of all lines. */
  readonly totalThousandths: number;
  /** The lines, the largest first. */
  readonly lines: readonly CostLine[];
}

/** A fingering of the whole line. `notes[i]` belongs to `line.notes[i]`. */
export interface Plan {
  /** The brief that was planned. */
  readonly brief: Brief;
  /** The line that was fingered. */
  readonly line: Line;
  /** The strings of the instrument, the highest first; names in documents' form. */
  readonly strings: readonly { readonly number: StringNumber; readonly name: string }[];
  /** The vibrating length with which the millimetres were calculated. */
  readonly stringLengthMm: number;
  /** The notes, one for each note or rest of the line. */
  readonly notes: readonly PlannedNote[];
  /** The shifts, in order. */
  readonly shifts: readonly Shift[];
  /** The stays, in order. */
  readonly stays: readonly Stay[];
  /** The groups of fingers to set down together. */
  readonly setDowns: readonly SetDown[];
  /** The notes that show the hand where it is. */
  readonly landmarks: readonly Landmark[];
  /** The pairs of notes that the teacher's locked fingers put into one hand and no hand holds; empty where nothing is locked. */
  readonly notOneHand: readonly NotOneHand[];
  /** The cost, term by term. */
  readonly cost: CostBreakdown;
}

/** Two notes of one stay, as they are locked, that no single hand plays; line indexes. */
export interface NotOneHand {
  /** The earlier note. */
  readonly from: number;
  /** The later note. */
  readonly to: number;
  /** `beside`: the fingers do not stand so beside each other on one string; `frame`: no hand covers both without a shift. */
  readonly kind: 'beside' | 'frame';
}

/** One part of the cost in which two plans differ, with the difference in number and in sum. */
export interface CostDifference {
  /** The reason for the cost. */
  readonly term: CostTerm;
  /** The difference in number: positive for more. */
  readonly times: number;
  /** The difference in sum: positive for costlier. */
  readonly thousandths: number;
}
