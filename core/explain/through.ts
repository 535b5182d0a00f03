import type { Placement } from '#core/hand/placement';
import { asItIs, type Derived, type Lattice, originalChoices, pricingThree, restrict, threesOn } from '#core/search/lattice';
import {
  backwardSums,
  cheapestWaysByShifts,
  forwardSums,
  indexOfLeast,
  relax,
  type Sums,
  traceBack,
  traceForward,
  type Way,
} from '#core/search/ways';
import { cheapestWanted, handBreaks, oneHandWay, oneHandWays, placementsAt, type Solved } from '#core/solve';

/**
 * Answers "what would it cost if …" about a solved line quickly: forward and backward sums are calculated once, and the best whole line
 * through any candidate, over any step or without shifting in any window follows from them exactly. Where that line is not one hand in
 * every stay, or three of its notes cost something that the sums do not contain, it is searched again.
 */
export interface Through {
  /** The line asked about. */
  readonly solved: Solved;
  /** Gives the best line whose note `order` is one of the candidates asked for; null when there is none. */
  readonly withNote: (order: number, wanted: (placement: Placement) => boolean) => Way | null;
  /** Gives the best line that does not shift between notes `from` and `to` (orders, both ends inside). */
  readonly withoutShift: (from: number, to: number) => Way | null;
  /** Gives the best line with at most the given number of shifts; null when there is none, or the line is too long to ask. */
  readonly withShifts: (most: number) => Way | null;
}

/** The largest numbers of shifts and notes for which a line is solved again by its number of shifts. */
const MOST_COUNTED = { shifts: 40, notes: 400 };

/** The sums of a solved line, from the beginning and to the end. */
interface SolvedSums {
  /** The line, solved. */
  readonly solved: Solved;
  /** The lattice, with the costs of three notes of the line itself added to its steps. */
  readonly priced: Derived;
  /** The least sum from the beginning to each candidate. */
  readonly forward: Sums;
  /** The least sum from each candidate to the end. */
  readonly backward: Sums;
}

/** Calculates the sums of a solved line. */
export function throughOf(solved: Solved): Through {
  const priced = threesOn(solved.lattice, solved.way.choices).reduce(pricingThree, asItIs(solved.lattice));
  const { lattice } = priced;
  const sums: SolvedSums = { solved, priced, forward: forwardSums(lattice), backward: backwardSums(lattice) };
  let counted: readonly (Way | null)[] | null = null;
  return {
    solved,
    withNote: (order, wanted) =>
      oneHand(sums, throughNote(sums, order, wanted), () =>
        restrict(solved.lattice, (placement, layer) => layer !== order || wanted(placement)),
      ),
    withoutShift: (from, to) => oneHand(sums, wayWithoutShift(sums, from, to), () => withoutShifts(solved.lattice, from, to)),
    withShifts: (most) => {
      if (most > MOST_COUNTED.shifts || lattice.layers.length > MOST_COUNTED.notes) return null;
      counted ??= cheapestWaysByShifts(lattice, most);
      const way = fewestOf(counted.slice(0, most + 1));
      return (
        asPlayed(sums, way) ??
        oneHandWay(solved.task.hand, solved.lattice, {
          search: (bound) => fewestOf(cheapestWaysByShifts(bound, most))?.choices ?? null,
          exactly: (whole) => fewestOf(oneHandWays(solved.task.hand, whole, most).ways),
        })
      );
    },
  };
}

function fewestOf(counted: readonly (Way | null)[]): Way | null {
  const ways = counted.flatMap((way) => way ?? []);
  return ways.toSorted((one, other) => one.cost - other.cost)[0] ?? null;
}

/** Returns a way as it was found, or, where it cannot be played as it seems, the best through the lattice in which it was found. */
function oneHand(sums: SolvedSums, found: Way | null, asked: () => Lattice): Way | null {
  if (found === null) return null;
  return asPlayed(sums, found) ?? oneHandWay(sums.solved.task.hand, asked(), cheapestWanted(sums.solved.task.hand));
}

/** Turns a way of the priced lattice into one of the line; null where it is not one hand, or costs more than the sums say. */
function asPlayed({ solved: { task, lattice }, priced }: SolvedSums, way: Way | null): Way | null {
  if (way === null || threesOn(priced.lattice, way.choices).length > 0) return null;
  const choices = originalChoices(priced, way.choices);
  return handBreaks(task.hand, placementsAt(lattice, choices)).length === 0 ? { cost: way.cost, choices } : null;
}

/** Closes the lattice to shifts between two of its notes. */
function withoutShifts(lattice: Lattice, from: number, to: number): Lattice {
  const steps = lattice.steps.map((step, index) =>
    index < from || index >= to ? step : { ...step, costs: step.costs.map((cost, cell) => (step.shifts[cell] === 1 ? Infinity : cost)) },
  );
  return { ...lattice, steps };
}

function throughNote({ priced, forward, backward }: SolvedSums, order: number, wanted: (placement: Placement) => boolean): Way | null {
  const layer = priced.lattice.layers[order];
  if (!layer) return null;
  const sums = layer.costs.map((_, place) => {
    const placement = layer.candidates[place];
    return placement && wanted(placement) ? sumAt(forward, order, place) + sumAt(backward, order, place) : Infinity;
  });
  const place = indexOfLeast(sums);
  const cost = sums[place] ?? Infinity;
  if (cost === Infinity) return null;
  return { cost, choices: [...traceBack(forward.links, order, place), ...traceForward(backward.links, order, place)] };
}

function sumAt(sums: Sums, layer: number, place: number): number {
  return sums.sums[layer]?.[place] ?? Infinity;
}

/** Runs the recurrence again over the window alone, with shifts barred; outside it the sums are known. */
function wayWithoutShift({ priced: { lattice }, forward, backward }: SolvedSums, from: number, to: number): Way | null {
  let best = forward.sums[from];
  const links: Uint16Array[] = [];
  for (let index = from; index < to; index += 1) {
    const step = lattice.steps[index];
    const layer = lattice.layers[index + 1];
    if (!best || !step || !layer) return null;
    const came = new Uint16Array(layer.costs.length);
    best = relax({ step, layer }, best, came, true);
    links.push(came);
  }
  if (!best) return null;
  const sums = best.map((sum, place) => sum + sumAt(backward, to, place));
  const last = indexOfLeast(sums);
  const cost = sums[last] ?? Infinity;
  if (cost === Infinity) return null;
  const between = traceBack([new Uint16Array(0), ...links], links.length, last);
  const before = traceBack(forward.links, from, between[0] ?? 0);
  return { cost, choices: [...before, ...between.slice(1), ...traceForward(backward.links, to, last)] };
}
