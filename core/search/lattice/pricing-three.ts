import type { Placement } from '#core/hand/placement';
import { type Comes, comesBy, COMES, costAfter, type ThreeNotes } from '#core/search/costs';
import type { Lattice, Layer, Step } from './lattice.ts';
import type { Derived } from './remembering.ts';

/** Gives the cost of a way at a layer because of three notes in a row, thousandths. */
export function costOfThree({ layers, threes }: Lattice, choices: readonly number[], layer: number): number {
  const three = threes[layer];
  if (!three) return 0;
  const [before, here, after] = [layer - 1, layer, layer + 1].map((index) => layers[index]?.candidates[choices[index] ?? 0]);
  if (!before || !here || !after) return 0;
  return costAfter(three, comesBy(three, before, here), here, after);
}

/** Lists the layers at which a way has costs of three notes in a row that the steps do not contain. */
export function threesOn(lattice: Lattice, choices: readonly number[]): readonly number[] {
  return lattice.layers.flatMap((_, layer) => (costOfThree(lattice, choices, layer) > 0 ? [layer] : []));
}

/**
 * Gives the lattice whose steps contain the costs of three notes around a layer. There every candidate stands once for each way of coming
 * to it, and going on from it costs what it does after coming that way. It is exact: no way is lost, none is new.
 */
export function pricingThree({ lattice, origins }: Derived, layer: number): Derived {
  const { layers, steps, threes } = lattice;
  const [from, here, to] = [layers[layer - 1], layers[layer], layers[layer + 1]];
  const [into, out] = [steps[layer - 1], steps[layer]];
  const three = threes[layer];
  if (!three || !from || !here || !to || !into || !out) return { lattice, origins };
  const ways = waysOfComing(three);
  return {
    lattice: {
      layers: layers.with(layer, times(ways.length, here)),
      steps: steps.with(layer - 1, intoEach({ three, ways }, into, from, here)).with(layer, outOfEach({ three, ways }, out, here, to)),
      threes: threes.with(layer, null),
    },
    origins: origins.map((own, index) => (index === layer ? ways.flatMap(() => own) : own)),
  };
}

/** The costs that can occur around a layer, and the ways of coming to it that are told apart. */
interface Priced {
  readonly three: ThreeNotes;
  readonly ways: readonly Comes[];
}

function waysOfComing({ oneNoteStay, openAndStopped }: ThreeNotes): readonly Comes[] {
  const { freely, byShift, fromOpen, fromStopped } = COMES;
  return [freely, ...(oneNoteStay > 0 ? [byShift] : []), ...(openAndStopped > 0 ? [fromOpen, fromStopped] : [])];
}

function times(count: number, { candidates, costs }: Layer): Layer {
  const again = Array.from({ length: count });
  return { candidates: again.flatMap(() => candidates), costs: Float64Array.from(again.flatMap(() => [...costs])) };
}

/** Goes to every candidate by each way of coming in turn. */
function intoEach({ three, ways }: Priced, { costs, shifts }: Step, from: Layer, here: Layer): Step {
  const width = from.candidates.length;
  const comes = Uint8Array.from(here.candidates.flatMap((placed) => from.candidates.map((before) => comesBy(three, before, placed))));
  const into = { costs: new Float64Array(costs.length * ways.length), shifts: new Uint8Array(costs.length * ways.length) };
  for (const [turn, way] of ways.entries()) {
    into.costs.set(
      costs.map((cost, cell) => (comes[cell] === way ? cost : Infinity)),
      turn * here.candidates.length * width,
    );
    into.shifts.set(shifts, turn * here.candidates.length * width);
  }
  return into;
}

/** Goes on from every candidate after each way of coming in turn. */
function outOfEach({ three, ways }: Priced, { costs, shifts }: Step, here: Layer, to: Layer): Step {
  const width = here.candidates.length;
  const out = { costs: new Float64Array(costs.length * ways.length), shifts: new Uint8Array(costs.length * ways.length) };
  const more = (way: Comes, leaving: number, after: Placement): number => {
    const placed = here.candidates[leaving];
    return placed ? costAfter(three, way, placed, after) : 0;
  };
  for (const [arriving, after] of to.candidates.entries()) {
    for (const [turn, way] of ways.entries()) {
      const [row, there] = [arriving * width, (arriving * ways.length + turn) * width];
      out.costs.set(
        costs.subarray(row, row + width).map((cost, leaving) => cost + more(way, leaving, after)),
        there,
      );
      out.shifts.set(shifts.subarray(row, row + width), there);
    }
  }
  return out;
}
