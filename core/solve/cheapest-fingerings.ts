import { asItIs, type Derived, type Lattice, originalChoices, pricingThree, threesOn } from '#core/search/lattice';
import { bestWays, fingeringLabel, groupBy, type Way } from '#core/search/ways';
import { handBreaks, placementsAt } from './one-hand/one-hand.ts';
import type { Laid } from './solve.ts';

/**
 * Finds the k cheapest different fingerings of a line, cheapest first, told apart by string and finger: exact, but that those no single
 * hand plays are left out, so that there may be fewer. What the brief asks of the line as a whole is not kept.
 */
export function cheapestFingerings({ task, lattice }: Laid, most: number): readonly Way[] {
  return cheapestRows(lattice, most).filter(({ choices }) => handBreaks(task.hand, placementsAt(lattice, choices)).length === 0);
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
