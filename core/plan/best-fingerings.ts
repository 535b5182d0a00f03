import type { Brief } from '#core/brief';
import { describe, type Plan } from '#core/plan/describe';
import { goodReading, type Reading } from '#core/result';
import { asItIs, type Derived, type Lattice, originalChoices, pricingThree, threesOn } from '#core/search/lattice';
import { bestWays, fingeringLabel, groupBy, type Way } from '#core/search/ways';
import { asksOfWholeLine, handBreaks, solveBrief, withWay } from '#core/solve';

/**
 * Finds the k cheapest different fingerings of a brief, cheapest first, told apart by string and finger: exact, but that those no single
 * hand plays are left out. They are near copies of each other, which the `alternatives` of `plan` are not. A brief that asks something of
 * the line as a whole (a number of shifts, down as up, one pattern for every octave) has its best fingering only.
 */
export function bestFingerings(brief: Brief, most: number): Reading<readonly Plan[]> {
  const solved = solveBrief(brief);
  if (!solved.ok) return solved;
  if (asksOfWholeLine(solved.value.task)) return goodReading([describe(solved.value)]);
  const { lattice } = solved.value;
  const fingerings = cheapestRows(lattice, most)
    .map((way) => withWay(solved.value, way))
    .filter(({ task, placements }) => handBreaks(task.hand, placements).length === 0);
  return goodReading(fingerings.map(describe));
}

/** Finds the cheapest ways by label; where three notes in a row cost something on one of them, it is priced and they are searched again. */
function cheapestRows(lattice: Lattice, most: number): readonly Way[] {
  let derived = asItIs(lattice);
  for (;;) {
    const { lattice: priced }: Derived = derived;
    const ways = bestWays(priced, most, groupBy(priced, fingeringLabel));
    const unpriced = new Set(ways.flatMap(({ choices }) => threesOn(priced, choices)));
    if (unpriced.size === 0) return ways.map(({ choices, cost }) => ({ cost, choices: originalChoices(derived, choices) }));
    derived = [...unpriced].reduce(pricingThree, derived);
  }
}
