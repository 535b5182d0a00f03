import type { Brief } from '#core/brief';
import type { StringNumber } from '#core/instrument';
import type { Line } from '#core/material/line';
import type { CostTerm } from '#core/weights';
import type { Shift } from './shift.ts';
import type { Landmark, SetDown, Stay } from './stay.ts';
import type { PlannedNote } from './stop.ts';

/** One named part of the total cost. */
export interface CostLine {
  /** What it is for. */
  readonly term: CostTerm;
  /** All of it together. */
  readonly thousandths: number;
  /** How many times it was charged. */
  readonly times: number;
}

/** The total of a plan and its parts, costliest first; the parts add up to the total exactly. */
export interface CostBreakdown {
  /** The sum of all lines. */
  readonly totalThousandths: number;
  /** The costliest first. */
  readonly lines: readonly CostLine[];
}

/** A fingering of the whole line. `notes[i]` belongs to `line.notes[i]`. */
export interface Plan {
  /** What was asked. */
  readonly brief: Brief;
  /** The line that was fingered. */
  readonly line: Line;
  /** The strings it lies on, the highest first; names in documents' form. */
  readonly strings: readonly { readonly number: StringNumber; readonly name: string }[];
  /** Vibrating length the millimetres were calculated with. */
  readonly stringLengthMm: number;
  /** One for each note or rest of the line. */
  readonly notes: readonly PlannedNote[];
  /** Every change of position, in order. */
  readonly shifts: readonly Shift[];
  /** Every place the hand stands at, in order. */
  readonly stays: readonly Stay[];
  /** Fingers to set down together. */
  readonly setDowns: readonly SetDown[];
  /** Notes that show the hand where it is. */
  readonly landmarks: readonly Landmark[];
  /** Pairs of notes that the teacher's locked fingers put into one hand and no hand holds; empty where nothing is locked. */
  readonly notOneHand: readonly NotOneHand[];
  /** What it costs, term by term. */
  readonly cost: CostBreakdown;
}

/** Two notes of one stay, as they are locked, that no single hand plays; line indexes. */
export interface NotOneHand {
  /** The earlier note. */
  readonly from: number;
  /** The later note. */
  readonly to: number;
}

/** One part of the cost in which two plans differ: how often and how much more (positive) or less (negative). */
export interface CostDifference {
  /** What it is for. */
  readonly term: CostTerm;
  /** How many times more, or fewer. */
  readonly times: number;
  /** How much costlier, or cheaper. */
  readonly thousandths: number;
}
