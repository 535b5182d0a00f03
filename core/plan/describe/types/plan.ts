import type { Brief } from '#core/brief';
import type { StringNumber } from '#core/instrument';
import type { Line } from '#core/material';
import type { CostTerm } from '#core/weights';
import type { Shift } from './shift.ts';
import type { Landmark, SetDown, Stay } from './stay.ts';
import type { PlannedNote } from './stop.ts';

/** One named part of the total cost. */
export interface CostLine {
  readonly term: CostTerm;
  readonly thousandths: number;
  /** How many times it was charged. */
  readonly times: number;
}

/** The total of a plan and its parts, dearest first; the parts add up to the total exactly. */
export interface CostBreakdown {
  readonly totalThousandths: number;
  readonly lines: readonly CostLine[];
}

/** A fingering of the whole line. `notes[i]` belongs to `line.notes[i]`. */
export interface Plan {
  readonly brief: Brief;
  readonly line: Line;
  /** The strings it lies on, the highest first; names in documents' form. */
  readonly strings: readonly { readonly number: StringNumber; readonly name: string }[];
  /** Vibrating length the millimetres were reckoned with. */
  readonly stringLengthMm: number;
  readonly notes: readonly PlannedNote[];
  readonly shifts: readonly Shift[];
  readonly stays: readonly Stay[];
  readonly setDowns: readonly SetDown[];
  readonly landmarks: readonly Landmark[];
  readonly cost: CostBreakdown;
}

/** One part of the cost in which two plans differ: how often and how much more (positive) or less (negative). */
export interface CostDifference {
  readonly term: CostTerm;
  readonly times: number;
  readonly thousandths: number;
}
