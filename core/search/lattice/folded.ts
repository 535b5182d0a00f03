import { type Placement, sameFingering } from '#core/hand/placement';
import type { Lattice, Layer, Step } from './lattice.ts';

/** A line that goes up and comes back, folded at the top: each layer holds pairs of candidates, of a note and of its mirror. */
export interface Folded {
  /** The folded lattice. */
  readonly lattice: Lattice;
  /** The candidates of the way up and of the way down that each pair stands for, for every folded layer. */
  readonly pairs: readonly { readonly up: Uint16Array; readonly down: Uint16Array }[];
}

/**
 * Folds a lattice of 2n + 1 layers at layer n, so that a way through it is fingered down as up.
 *
 * A pair is kept where both are the same to the player: same string and finger in the same place of the hand; over open
 * strings the hand may hover differently. Where the note down differs from the note up (the melodic minor) string and
 * finger agree if any pair does, else the pair is free. The cost of a pair is the sum of both notes, of a folded step
 * the sum of both steps, so the cheapest way through the folded lattice is the cheapest line that goes down as it went up.
 */
export function fold(lattice: Lattice): Folded {
  const top = (lattice.layers.length - 1) / 2;
  const paired = Array.from({ length: top + 1 }, (_, index) =>
    pairsOf(lattice.layers[index], lattice.layers[lattice.layers.length - 1 - index], index === top),
  );
  const layers = paired.map((pairs) => pairs.layer);
  const steps = Array.from({ length: top }, (_, index) => foldStep(lattice, index, paired[index], paired[index + 1]));
  // Costs of three notes belong to the whole line.
  return { lattice: { layers, steps, threes: layers.map(() => null) }, pairs: paired };
}

/** Gives the choices of the whole line from those of the folded one. */
export function unfold({ pairs }: Folded, choices: readonly number[]): readonly number[] {
  const up = choices.map((choice, index) => pairs[index]?.up[choice] ?? 0);
  const down = choices.map((choice, index) => pairs[index]?.down[choice] ?? 0);
  return [...up, ...down.slice(0, -1).reverse()];
}

interface Pairs {
  /** The candidate of the note on the way up. */
  readonly up: Uint16Array;
  /** The candidate of the note on the way down. */
  readonly down: Uint16Array;
  /** Gives the costs of the pairs. */
  readonly layer: Layer;
}

/**
 * Pairs the candidates of a note on the way up with those of its mirror; of the top note, each with itself.
 *
 * @throws for a line of an even number of notes
 */
function pairsOf(up: Layer | undefined, down: Layer | undefined, top: boolean): Pairs {
  if (!up || !down)
    throw new RangeError(`Only a line of an odd number of notes can be folded; this ends ${up ? 'on the way up' : 'on the way down'}`);
  const chosen = top ? up.candidates.map((_, index): readonly [number, number] => [index, index]) : agreeing(up, down);
  const costs = Float64Array.from(chosen, ([one, other]) => (up.costs[one] ?? Infinity) + (top ? 0 : (down.costs[other] ?? Infinity)));
  const candidates = chosen.flatMap(([one]) => up.candidates[one] ?? []);
  return {
    up: Uint16Array.from(chosen, ([one]) => one),
    down: Uint16Array.from(chosen, ([, other]) => other),
    layer: { candidates, costs },
  };
}

/** Finds the pairs that are the same to the player; where there are none, those of one finger, else all. */
function agreeing({ candidates: up }: Layer, { candidates: down }: Layer): readonly (readonly [number, number])[] {
  for (const rule of RULES) {
    const found = up.flatMap((one, index) =>
      down.flatMap((other, place): readonly (readonly [number, number])[] => (rule(one, other) ? [[index, place]] : NO_PAIRS)),
    );
    if (found.length > 0) return found;
  }
  return NO_PAIRS;
}

const NO_PAIRS: readonly (readonly [number, number])[] = [];

const RULES: readonly ((one: Placement, other: Placement) => boolean)[] = [samePlace, sameFingering, () => true];

function samePlace(one: Placement, other: Placement): boolean {
  if (!sameFingering(one, other) || one.semitonesAboveOpen !== other.semitonesAboveOpen) return false;
  return one.finger === '0' || (one.anchor === other.anchor && one.letterPosition === other.letterPosition && one.shape === other.shape);
}

/**
 * Folds two steps into one: the one up, and the one that comes back.
 *
 * @throws for a step that lies outside the line
 */
function foldStep(lattice: Lattice, index: number, from: Pairs | undefined, to: Pairs | undefined): Step {
  const last = lattice.layers.length - 1;
  if (!from || !to) throw new RangeError(`Step ${index} of a folded line lies outside its ${last + 1} notes`);
  const steps = [stepAt(lattice, index), stepAt(lattice, last - index - 1)] as const;
  const costs = new Float64Array(from.up.length * to.up.length);
  const folded = { costs, shifts: new Uint8Array(costs.length) };
  for (let arriving = 0; arriving < to.up.length; arriving += 1) fillRow(folded, steps, { from, to, arriving });
  return folded;
}

/** A row of a folded step: from every pair before to one pair after. */
interface Row {
  readonly from: Pairs;
  readonly to: Pairs;
  readonly arriving: number;
}

function fillRow({ costs, shifts }: Step, [up, down]: readonly [LineStep, LineStep], { from, to, arriving }: Row): void {
  const [row, mirrored] = [(to.up[arriving] ?? 0) * up.width, to.down[arriving] ?? 0];
  const begins = arriving * from.up.length;
  for (let leaving = 0; leaving < from.up.length; leaving += 1) {
    const upCell = row + (from.up[leaving] ?? 0);
    const downCell = (from.down[leaving] ?? 0) * down.width + mirrored;
    costs[begins + leaving] = at(up.costs, upCell) + at(down.costs, downCell);
    shifts[begins + leaving] = at(up.shifts, upCell) + at(down.shifts, downCell);
  }
}

/** Reads a cell of a step; it is there for every pair, because pairs stand for candidates of the line. */
function at(cells: Float64Array | Uint8Array, cell: number): number {
  return cells[cell] ?? Infinity;
}

/** A step of the line, and the number of candidates it may leave. */
interface LineStep extends Step {
  readonly width: number;
}

/**
 * Gives a step of a line.
 *
 * @throws for an index that the line does not have
 */
function stepAt(lattice: Lattice, index: number): LineStep {
  const step = lattice.steps[index];
  if (!step) throw new RangeError(`A line of ${lattice.layers.length} notes has no step ${index}`);
  return { ...step, width: lattice.layers[index]?.costs.length ?? 0 };
}
