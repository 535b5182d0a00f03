import { costOfThree, type Lattice, type Layer, type Step } from '#core/search/lattice';

/** The chosen candidate of every layer and the total cost, thousandths. */
export interface Way {
  /** The candidate taken, by layer. */
  readonly choices: readonly number[];
  /** The cost, thousandths. */
  readonly cost: number;
}

/** The least sums to, or from, every candidate of every layer, and the neighbour each came from. */
export interface Sums {
  /** The sums: `sums[i][j]` is the least sum at candidate j of layer i, thousandths. */
  readonly sums: readonly Float64Array[];
  /** The links: `links[i][j]` is the candidate of the neighbouring layer from which candidate j of layer i is reached. */
  readonly links: readonly Uint16Array[];
}

/**
 * Finds the cheapest way through a lattice, exactly.
 *
 * Invariant: after layer i, `best[j]` is the least cost of any way from the first layer to candidate j of layer i
 * (note costs and step costs, both ends included), and `links[i][j]` the candidate of layer i − 1 it came from. Since a
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

/** Finds the way that ends cheapest, from sums already calculated; null when none does. */
function cheapestEnd({ sums, links }: Sums): Way | null {
  const ends = sums[sums.length - 1] ?? new Float64Array();
  const last = indexOfLeast(ends);
  const cost = ends[last] ?? Infinity;
  return cost === Infinity ? null : { choices: traceBack(links, sums.length - 1, last), cost };
}

/** Calculates the least sums from the beginning to every candidate, its own cost included. */
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

/**
 * Calculates the least sums from every candidate to the end, its own cost not included: added to `forwardSums` they give the cost of the
 * best way through it.
 */
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
  /** The step, with the cost of each way across. */
  readonly step: Step;
  /** The layer to which it leads. */
  readonly layer: Layer;
}

/** Takes one step of the recurrence: the least sums arriving at each candidate, and the candidate each came from; shifts may be barred. */
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

/** Gives the index of the least value, the first of equals. */
export function indexOfLeast(values: Float64Array): number {
  let least = 0;
  for (let index = 1; index < values.length; index += 1) {
    if ((values[index] ?? Infinity) < (values[least] ?? Infinity)) least = index;
  }
  return least;
}

/** Traces the choices from the first layer to candidate `here` of layer `layer`. */
export function traceBack(links: readonly Uint16Array[], layer: number, here: number): readonly number[] {
  const choices = [here];
  for (let index = layer; index > 0; index -= 1) choices.push(links[index]?.[choices[choices.length - 1] ?? 0] ?? 0);
  return choices.reverse();
}

/** Traces the choices of the layers after `layer`, from its candidate `here` on. */
export function traceForward(links: readonly Uint16Array[], layer: number, here: number): readonly number[] {
  const choices: number[] = [];
  let at = here;
  for (let index = layer; index < links.length - 1; index += 1) {
    at = links[index]?.[at] ?? 0;
    choices.push(at);
  }
  return choices;
}

/** Gives the cost of a way in a lattice, costs of three notes in a row included: for ways found elsewhere. */
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
