import type { Lattice, Step } from '#core/search/lattice';
import { traceBack, type Way } from './cheapest-way.ts';

/**
 * Finds the cheapest way with exactly c shifts, for every c from 0 to `most`; null where there is none.
 *
 * The recurrence of the cheapest way with one coordinate more: the sum at (candidate, c) is the least over predecessors
 * at c, by steps that are no shift, and at c − 1, by steps that are. Work grows with notes and with `most`.
 */
export function cheapestWaysByShifts(lattice: Lattice, most: number): readonly (Way | null)[] {
  const counts = most + 1;
  const first = lattice.layers[0]?.costs;
  if (!first) return Array.from({ length: counts }, (_, count) => (count === 0 ? { choices: [], cost: 0 } : null));
  let sums = new Float64Array(first.length * counts).fill(Infinity);
  for (const [index, cost] of first.entries()) sums[index * counts] = cost;
  const links: Uint16Array[] = [new Uint16Array(0)];
  for (const [index, step] of lattice.steps.entries()) {
    const costs = lattice.layers[index + 1]?.costs ?? first;
    const came = new Uint16Array(costs.length * counts);
    sums = relaxCounted({ step, costs, counts }, sums, came);
    links.push(came);
  }
  return Array.from({ length: counts }, (_, count) => endingWith({ sums, links, lattice, counts }, count));
}

/** A step to a layer of such costs; each candidate has a cost for every number of shifts. */
interface CountedStep {
  /** The step between the two layers. */
  readonly step: Step;
  /** The costs of the candidates of the later layer. */
  readonly costs: Float64Array;
  /** The numbers of shifts that are told apart: from none up to one less than this. */
  readonly counts: number;
}

/**
 * Takes one step of the counted recurrence. Cells are (candidate, count), counts next to each other; a link holds the cell of the layer
 * before.
 */
function relaxCounted({ step, costs, counts }: CountedStep, before: Float64Array, came: Uint16Array): Float64Array<ArrayBuffer> {
  const width = before.length / counts;
  const after = new Float64Array(costs.length * counts).fill(Infinity);
  for (let to = 0, cell = 0; to < costs.length; to += 1) {
    for (let from = 0; from < width; from += 1, cell += 1) {
      const price = (step.costs[cell] ?? Infinity) + (costs[to] ?? Infinity);
      const shift = step.shifts[cell] ?? 0;
      if (price < Infinity) relaxPair({ price, shift, from, to, counts }, before, after, came);
    }
  }
  return after;
}

/** A move from one candidate to another, for every count of shifts. */
interface CountedPair {
  /** The step and the candidate it comes to. */
  readonly price: number;
  /** The shift: 1 where the step is one, else 0. */
  readonly shift: number;
  /** The candidate before. */
  readonly from: number;
  /** The candidate after. */
  readonly to: number;
  /** The numbers of shifts that are told apart: from none up to one less than this. */
  readonly counts: number;
}

function relaxPair({ price, shift, from, to, counts }: CountedPair, before: Float64Array, after: Float64Array, came: Uint16Array): void {
  for (let count = shift; count < counts; count += 1) {
    const [source, target] = [from * counts + count - shift, to * counts + count];
    const sum = (before[source] ?? Infinity) + price;
    if (sum >= (after[target] ?? Infinity)) continue;
    after[target] = sum;
    came[target] = source;
  }
}

/** The last layer's sums, and the cell from which each cell was reached. */
interface Counted {
  /** The sums by candidate and count. */
  readonly sums: Float64Array;
  /** The cell before each cell, by layer. */
  readonly links: readonly Uint16Array[];
  /** The lattice that the cells belong to. */
  readonly lattice: Lattice;
  /** The numbers of shifts that are told apart: from none up to one less than this. */
  readonly counts: number;
}

function endingWith({ sums, links, lattice, counts }: Counted, count: number): Way | null {
  let last = -1;
  for (let cell = count; cell < sums.length; cell += counts) {
    if ((sums[cell] ?? Infinity) < (last < 0 ? Infinity : (sums[last] ?? Infinity))) last = cell;
  }
  const cost = sums[last];
  if (cost === undefined) return null;
  const cells = traceBack(links, lattice.layers.length - 1, last);
  return { choices: cells.map((cell) => Math.floor(cell / counts)), cost };
}

/** Makes every shift cost so much that the way with the fewest shifts is the cheapest, and among these the one that was cheapest before. */
export function shiftsFirst(lattice: Lattice): Lattice {
  const costlier = new Map<Step, Step>();
  const steps = lattice.steps.map((step) => {
    const known = costlier.get(step) ?? {
      ...step,
      costs: step.costs.map((cost, cell) => cost + (step.shifts[cell] === 1 ? ONE_SHIFT : 0)),
    };
    costlier.set(step, known);
    return known;
  });
  return { ...lattice, steps };
}

/**
 * The price of a shift there: more than any line costs otherwise (10,000 notes of some thousands), and small enough that sums stay exact.
 */
const ONE_SHIFT = 1e10;
