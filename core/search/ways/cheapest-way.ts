import { costOfThree, type Lattice, type Layer, type Step } from '#core/search/lattice';

/** The chosen candidate of every layer and the total cost, thousandths. */
export interface Way {
  /** By layer, the candidate taken. */
  readonly choices: readonly number[];
  /** Thousandths. */
  readonly cost: number;
}

/** Least sums to, or from, every candidate of every layer, and the neighbour each came by. */
export interface Sums {
  /** `sums[i][j]`: the least sum at candidate j of layer i, thousandths. */
  readonly sums: readonly Float64Array[];
  /** `links[i][j]`: the candidate of the neighbouring layer that candidate j of layer i is reached by. */
  readonly links: readonly Uint16Array[];
}

/**
 * The cheapest way through a lattice, exactly.
 *
 * Invariant: after layer i, `best[j]` is the least cost of any way from the first layer to candidate j of layer i
 * (note costs and step costs, both ends included), and `links[i][j]` the candidate of layer i − 1 it came by. Since a
 * step's cost depends on nothing but its two ends, the least cost at j is the least over its predecessors; so the last
 * layer's minimum is the minimum over all ways. Work is the sum over neighbouring layers of the product of their sizes,
 * linear in notes; memory is two small arrays a layer.
 *
 * Ties go to the candidate that stands first, so that equal input gives equal output on every machine. Null when no way
 * leads through: an empty layer, or steps that are all closed.
 */
export function cheapestWay(lattice: Lattice): Way | null {
  return lattice.layers.length === 0 ? { choices: [], cost: 0 } : cheapestEnd(forwardSums(lattice));
}

/** The way that ends cheapest, from sums already calculated; null when none does. */
export function cheapestEnd({ sums, links }: Sums): Way | null {
  const ends = sums[sums.length - 1] ?? new Float64Array();
  const last = indexOfLeast(ends);
  const cost = ends[last] ?? Infinity;
  return cost === Infinity ? null : { choices: tracedBack(links, sums.length - 1, last), cost };
}

/** Least sums from the beginning to every candidate, its own cost included. */
export function forwardSums(lattice: Lattice): Sums {
  const first = lattice.layers[0]?.costs ?? new Float64Array();
  const sums: Float64Array[] = [first];
  const links: Uint16Array[] = [new Uint16Array(first.length)];
  let best = first;
  for (const [index, step] of lattice.steps.entries()) {
    const layer = lattice.layers[index + 1];
    if (!layer) break;
    const came = new Uint16Array(layer.costs.length);
    best = relax({ step, layer }, best, came, false);
    sums.push(best);
    links.push(came);
  }
  return { sums, links };
}

/** Least sums from every candidate to the end, its own cost not included: with `forwardSums` the cost of the best way through it. */
export function backwardSums(lattice: Lattice): Sums {
  const sums: Float64Array[] = [];
  const links: Uint16Array[] = [];
  for (let index = lattice.layers.length - 1; index >= 0; index -= 1) {
    const width = lattice.layers[index]?.costs.length ?? 0;
    const after = sums[sums.length - 1];
    const step = lattice.steps[index];
    const next = lattice.layers[index + 1];
    const least = new Float64Array(width).fill(after ? Infinity : 0);
    const goes = new Uint16Array(width);
    if (after && step && next) relaxBack({ step, layer: next }, after, least, goes);
    sums.push(least);
    links.push(goes);
  }
  return { sums: sums.reverse(), links: links.reverse() };
}

/** A step of a lattice and the layer it leads to. */
export interface StepTo {
  /** What each way across costs. */
  readonly step: Step;
  /** Where it leads. */
  readonly layer: Layer;
}

/** One step of the recurrence: the least sums arriving at each candidate, and where each came from; shifts may be barred. */
export function relax({ step, layer }: StepTo, before: Float64Array, came: Uint16Array, barShifts: boolean): Float64Array {
  const { costs } = layer;
  const stepCosts = step.costs;
  const after = new Float64Array(costs.length);
  const width = before.length;
  for (let to = 0, cell = 0; to < costs.length; to += 1) {
    let least = Infinity;
    let from = 0;
    for (let index = 0; index < width; index += 1, cell += 1) {
      const sum = (before[index] ?? Infinity) + (stepCosts[cell] ?? Infinity);
      if (sum < least && !(barShifts && step.shifts[cell] === 1)) {
        least = sum;
        from = index;
      }
    }
    after[to] = least + (costs[to] ?? Infinity);
    came[to] = from;
  }
  return after;
}

function relaxBack({ step, layer }: StepTo, after: Float64Array, least: Float64Array, goes: Uint16Array): void {
  for (let to = 0, cell = 0; to < layer.costs.length; to += 1) {
    const onward = (after[to] ?? Infinity) + (layer.costs[to] ?? Infinity);
    for (let from = 0; from < least.length; from += 1, cell += 1) {
      const sum = onward + (step.costs[cell] ?? Infinity);
      if (sum < (least[from] ?? Infinity)) {
        least[from] = sum;
        goes[from] = to;
      }
    }
  }
}

/** Index of the least value, the first of equals. */
export function indexOfLeast(values: Float64Array): number {
  let least = 0;
  for (let index = 1; index < values.length; index += 1) {
    if ((values[index] ?? Infinity) < (values[least] ?? Infinity)) least = index;
  }
  return least;
}

/** Choices from the first layer to candidate `here` of layer `layer`. */
export function tracedBack(links: readonly Uint16Array[], layer: number, here: number): readonly number[] {
  const choices = [here];
  for (let index = layer; index > 0; index -= 1) choices.push(links[index]?.[choices[choices.length - 1] ?? 0] ?? 0);
  return choices.reverse();
}

/** Choices of the layers after `layer`, from its candidate `here` on. */
export function tracedForth(links: readonly Uint16Array[], layer: number, here: number): readonly number[] {
  const choices: number[] = [];
  let at = here;
  for (let index = layer; index < links.length - 1; index += 1) {
    at = links[index]?.[at] ?? 0;
    choices.push(at);
  }
  return choices;
}

/** What a way costs in a lattice, what three notes in a row cost among it: for ways found elsewhere. */
export function costOfWay(lattice: Lattice, choices: readonly number[]): number {
  return choices.reduce((sum, choice, index) => {
    const own = lattice.layers[index]?.costs[choice] ?? Infinity;
    const before = choices[index - 1];
    const width = lattice.layers[index - 1]?.costs.length ?? 0;
    return (
      sum +
      own +
      costOfThree(lattice, choices, index) +
      (before === undefined ? 0 : (lattice.steps[index - 1]?.costs[choice * width + before] ?? Infinity))
    );
  }, 0);
}
