import { readBrief, type Task } from '#core/brief';
import { type Preference, wishPart } from '#core/brief/parts/wishes';
import { isShift, type Placement } from '#core/hand/placement';
import { buildLattice } from '#core/search/lattice';
import { backwardSums, costOfWay, forwardSums, type Way } from '#core/search/ways';
import { type Laid, layOutAgain, placementsAt, type Solved, stepsAgain, wayIn } from '#core/solve';

/**
 * The wishes that find lines which `otherWays` does not find. What the other wishes ask for is found there already: more open strings,
 * another position, a shift elsewhere, a hand that stays as it is.
 */
export const ASKED: readonly Preference[] = [
  'fewest-shifts',
  'strong-fingers',
  'train-fourth',
  'open-strings-covered',
  'one-string',
  'finger-a-semitone',
];

/** The line for which wishes are tried, with the placements that stand on a way that does not cost far too much. */
export interface Wishing {
  readonly solved: Solved;
  /** The line with these placements alone. */
  readonly narrowed: Laid;
  /** The cost of the costliest line that is still offered, thousandths. */
  readonly most: number;
}

/** Prepares trying one wish after another; a line that costs more than `most`, thousandths, is not looked for. */
export function wishing(solved: Solved, most: number): Wishing {
  const { task, steps, lattice } = solved;
  const kept = candidatesWithin(solved, most);
  const narrow = steps.map((step) => ({ ...step, candidates: kept.get(step.candidates) ?? step.candidates }));
  return { solved, narrowed: { task, steps: narrow, lattice }, most };
}

/** Keeps, of each set of candidates, those on a way that costs no more than `most` at any note that has this set. */
function candidatesWithin({ lattice }: Solved, most: number): ReadonlyMap<readonly Placement[], readonly Placement[]> {
  const [forward, backward] = [forwardSums(lattice), backwardSums(lattice)];
  const kept = new Map<readonly Placement[], Set<Placement>>();
  for (const [layer, { candidates }] of lattice.layers.entries()) {
    const here = kept.get(candidates) ?? new Set<Placement>();
    kept.set(candidates, here);
    for (const [place, candidate] of candidates.entries()) {
      if ((forward.sums[layer]?.[place] ?? Infinity) + (backward.sums[layer]?.[place] ?? Infinity) <= most) here.add(candidate);
    }
  }
  return new Map([...kept].map(([candidates, here]) => [candidates, candidates.filter((candidate) => here.has(candidate))]));
}

/**
 * Finds the best of the line's own ways under one more wish at full strength; null where there is none, where it costs too much, or where it
 * is the best line itself.
 */
export function wishedWay({ solved, narrowed, most }: Wishing, wish: Preference): Way | null {
  const { brief } = solved.task;
  const asked = readBrief({ ...brief, preferences: { ...brief.preferences, [wish]: 1 } });
  if (!asked.ok || alreadyHas(solved, asked.value, wish)) return null;
  const again = layOutAgain(narrowed, asked.value);
  const way = wayIn(again.task, again.lattice);
  if (!way) return null;
  const placements = placementsAt(again.lattice, way.choices);
  const choices = placements.map((placement, order) => solved.lattice.layers[order]?.candidates.indexOf(placement) ?? 0);
  const cost = costOfWay(solved.lattice, choices);
  return cost <= most ? { choices, cost } : null;
}

/**
 * Tells whether the best line satisfies the wish already: no weight becomes smaller, so that no line becomes cheaper, and the best line
 * costs the same. It is then still the cheapest.
 */
function alreadyHas(solved: Solved, asked: Task, wish: Preference): boolean {
  const { countsShiftsFirst, homeIsFirst } = wishPart(wish);
  if (homeIsFirst === true || (countsShiftsFirst === true && hasShift(solved))) return false;
  return !anySmaller(asked.weights, solved.task.weights) && Math.abs(costUnder(solved, asked) - solved.way.cost) < 1;
}

function hasShift({ placements }: Solved): boolean {
  return placements.some((placement, order) => {
    const before = placements[order - 1];
    return before !== undefined && isShift(before, placement);
  });
}

function anySmaller(weights: Task['weights'], than: Task['weights']): boolean {
  const usual = Object.values(than);
  return Object.values(weights).some((value, index) => {
    const [values, before] = [[value].flat(), [usual[index] ?? 0].flat()];
    return values.some((value, place) => value < (before[place] ?? value));
  });
}

/** Gives the cost of the best line under another reading of its brief, thousandths. */
function costUnder(solved: Solved, asked: Task): number {
  const task = { ...asked, homes: solved.task.homes };
  const steps = stepsAgain(task, solved.steps).map((step, order) => ({ ...step, candidates: solved.placements.slice(order, order + 1) }));
  const lattice = buildLattice(task, steps);
  return costOfWay(
    lattice,
    lattice.layers.map(() => 0),
  );
}
