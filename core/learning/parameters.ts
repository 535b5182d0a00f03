import type { InstrumentKind } from '#core/instrument';
import { type WeightName, type Weights, WEIGHTS, type WeightUnit, type WeightValue, weightsFor } from '#core/weights';

/**
 * A number of the table of weights that can be learnt from fingerings. The cost of a fingering grows in proportion to it, so that finding
 * the best numbers is a convex problem; shares, which multiply other weights, and heights are left as they were set.
 */
export interface Parameter {
  /** The weight that it belongs to. */
  readonly weight: WeightName;
  /** The index in a row by finger or by position; null for a weight of one number. */
  readonly place: number | null;
  /** The value in the table, in the unit of the weight. */
  readonly set: number;
  /** The least and the most it may become, both inclusive. */
  readonly range: readonly [number, number];
}

/** The units of weights to which a cost is not proportional. */
const NOT_PROPORTIONAL: readonly WeightUnit[] = ['share', 'semitones'];

/**
 * The least and the most of a weight, as shares of what was set: a crossing stays cheaper than a shift, and a cost never becomes a gain.
 */
const RANGE = [0.5, 2] as const;

/**
 * Lists the numbers of an instrument that can be learnt. A number set to nothing is the one that its row is measured against (the first
 * finger, first position), or belongs to a question of the school: it stays nothing.
 */
export function parametersOf(kind: InstrumentKind): readonly Parameter[] {
  const table = weightsFor(kind);
  return weightNames().flatMap((weight): readonly Parameter[] => {
    if (NOT_PROPORTIONAL.includes(WEIGHTS[weight].unit)) return [];
    const value: WeightValue = table[weight];
    const places = typeof value === 'number' ? [{ place: null, set: value }] : value.map((set, place) => ({ place, set }));
    return places.flatMap(({ place, set }) => (set === 0 ? [] : [{ weight, place, set, range: rangeOf(weight, set) }]));
  });
}

function weightNames(): readonly WeightName[] {
  return Object.keys(WEIGHTS).filter((name): name is WeightName => name in WEIGHTS);
}

function rangeOf(weight: WeightName, set: number): readonly [number, number] {
  const [least, most] = WEIGHTS[weight].range;
  const ends = RANGE.map((share) => Math.min(most, Math.max(least, set * share)));
  return [Math.min(...ends), Math.max(...ends)];
}

/** Gives the table of an instrument in which some numbers have other values. */
export function tableWith(kind: InstrumentKind, parameters: readonly Parameter[], values: readonly number[]): Weights {
  const changed = new Map<string, WeightValue>();
  const table = weightsFor(kind);
  for (const [index, { weight, place }] of parameters.entries()) {
    const before: WeightValue = changed.get(weight) ?? table[weight];
    const value = values[index] ?? 0;
    changed.set(weight, typeof before === 'number' || place === null ? value : before.with(place, value));
  }
  return { ...table, ...Object.fromEntries(changed) };
}
