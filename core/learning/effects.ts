import { withTable } from '#core/brief';
import { buildLattice } from '#core/search/lattice';
import { costOfWay } from '#core/search/ways';
import { type Laid, placementsAt, stepsAgain } from '#core/solve';
import type { Weights } from '#core/weights';
import type { LineInSearch } from './line-in-search.ts';
import { type Parameter, tableWith } from './parameters.ts';

/** The cost of one fingering, and how it grows with each number that can be learnt. */
export interface Effects {
  /** The cost with the numbers as they were set, thousandths. */
  readonly cost: number;
  /** The growth of the cost with one more unit of each number. */
  readonly growths: Float64Array;
}

/** The share of a number by which it is moved to see what the cost does: large against the rounding of terms to whole thousandths. */
const MOVED = 0.25;

/**
 * Measures how the cost of a fingering grows with each number, by moving them one at a time: the cost has one formula, and it is asked.
 * It measures the growth around the numbers as they were set, where the costlier of two counts.
 */
export function effectsOf({ laid }: LineInSearch, choices: readonly number[], parameters: readonly Parameter[]): Effects {
  const { kind } = laid.task.brief.instrument;
  const costWith = pricedAlone(laid, choices);
  const set = parameters.map((parameter) => parameter.set);
  const cost = costWith(tableWith(kind, parameters, set));
  const growths = parameters.map(({ set: value }, index) => {
    const by = value * MOVED;
    return (costWith(tableWith(kind, parameters, set.with(index, value + by))) - cost) / by;
  });
  return { cost, growths: Float64Array.from(growths) };
}

/** Makes a function that gives the cost of one fingering under some weights, thousandths. */
function pricedAlone({ task, steps, lattice }: Laid, choices: readonly number[]): (table: Weights) => number {
  const placements = placementsAt(lattice, choices);
  const only = steps.map((step, order) => ({ ...step, candidates: placements.slice(order, order + 1) }));
  const first = choices.map(() => 0);
  return (table) => {
    const other = withTable(task, table);
    return costOfWay(buildLattice(other, stepsAgain(other, only)), first);
  };
}
