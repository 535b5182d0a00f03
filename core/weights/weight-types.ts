import type { InstrumentKind } from '#core/instrument';
import type { CostTerm } from './cost-terms.ts';

/** A value for each finger in the order of the hand: thumb, 1, 2, 3, 4. */
export type PerFinger = readonly [number, number, number, number, number];

/** One value, one for each finger, or one for each position from half position up (the last holds above). */
export type WeightValue = number | PerFinger | readonly number[];

/** The unit of a weight. `thousandths` of a unit of cost; `share`: a factor; `semitones`: a height. */
export type WeightUnit =
  | 'thousandths each'
  | 'thousandths by finger'
  | 'thousandths by position'
  | 'thousandths per mm'
  | 'thousandths per mm/s'
  | 'thousandths per semitone'
  | 'share'
  | 'semitones';

/** A line of the table of weights. */
export interface WeightEntry<Value extends WeightValue> {
  /** The part of the cost in which it appears. */
  readonly term: CostTerm;
  /** The unit of its values. */
  readonly unit: WeightUnit;
  /** The least and the most a teacher may set, both inclusive. */
  readonly range: readonly [number, number];
  /** The defaults by instrument. */
  readonly defaults: Readonly<Record<InstrumentKind, Value>>;
}
