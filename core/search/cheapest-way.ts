import type { Lattice } from './lattice.ts';

/** The chosen candidate of every layer and the total cost, thousandths. */
export interface Way {
  readonly choices: readonly number[];
  readonly cost: number;
}

/**
 * The cheapest way through a lattice, exactly.
 *
 * Invariant: after layer i, `best[j]` is the least cost of any way from the first layer to candidate j of layer i
 * (note costs and step costs, both ends included), and `parents[i][j]` the candidate of layer i − 1 it came by. Since a
 * step's cost depends on nothing but its two ends, the least cost at j is the least over its predecessors; so the last
 * layer's minimum is the minimum over all ways. Work is the sum over neighbouring layers of the product of their sizes,
 * linear in notes; memory is one small number per candidate.
 *
 * Ties go to the candidate that stands first, so that equal input gives equal output on every machine. Null when no way
 * leads through: an empty layer, or steps that are all closed.
 */
export function cheapestWay(lattice: Lattice): Way | null {
  const [first] = lattice.layers;
  if (!first) return { choices: [], cost: 0 };
  let best = first.costs;
  const parents: Uint16Array[] = [];
  for (const [index, step] of lattice.steps.entries()) {
    const layer = lattice.layers[index + 1] ?? first;
    const came = new Uint16Array(layer.costs.length);
    best = relax(best, step, layer.costs, came);
    parents.push(came);
  }
  const last = indexOfLeast(best);
  const cost = best[last] ?? Infinity;
  return cost === Infinity ? null : { choices: traced(parents, last), cost };
}

/** One step of the recurrence: the least sums arriving at each candidate, and where each came from. */
function relax(before: Float64Array, step: Float64Array, costs: Float64Array, came: Uint16Array): Float64Array {
  const after = new Float64Array(costs.length);
  const width = before.length;
  for (let to = 0, cell = 0; to < costs.length; to += 1) {
    let least = Infinity;
    let from = 0;
    for (let index = 0; index < width; index += 1, cell += 1) {
      const sum = (before[index] ?? Infinity) + (step[cell] ?? Infinity);
      if (sum < least) {
        least = sum;
        from = index;
      }
    }
    after[to] = least + (costs[to] ?? Infinity);
    came[to] = from;
  }
  return after;
}

function indexOfLeast(values: Float64Array): number {
  let least = 0;
  for (let index = 1; index < values.length; index += 1) {
    if ((values[index] ?? Infinity) < (values[least] ?? Infinity)) least = index;
  }
  return least;
}

function traced(parents: readonly Uint16Array[], last: number): readonly number[] {
  const choices = [last];
  let here = last;
  for (const came of parents.toReversed()) {
    here = came[here] ?? 0;
    choices.push(here);
  }
  return choices.reverse();
}
