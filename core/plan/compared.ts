import { reachOf } from '#core/hand';
import { COST_TERMS, type Way } from '#core/search';
import type { CountedDifference } from '#core/words';
import { costBreakdown, costDifferences } from './cost-breakdown.ts';
import { placedNotes } from './placed-note.ts';
import { type Solved, withWay } from './solve.ts';
import type { CostDifference } from './types.ts';

/** A way held against the one chosen: what it costs more, and what for. */
export interface Compared {
  /** Positive where the way is dearer than the one chosen. */
  readonly deltaThousandths: number;
  /** What it has more and what it saves, dearest first. */
  readonly more: readonly CostDifference[];
  readonly less: readonly CostDifference[];
  /** The widest reach it asks where it differs, when that is beyond a measured hand's comfort. */
  readonly stretch: { readonly needMm: number; readonly comfortMm: number } | null;
}

/** Notes around the place where two ways part that are priced with it. */
const MARGIN = 1;

/** Prices both ways where they part, with the formulas the search minimised. */
export function compared(solved: Solved, way: Way): Compared {
  const apart = way.choices.flatMap((choice, order) => (choice === solved.way.choices[order] ? [] : [order]));
  const from = Math.max(0, (apart[0] ?? 0) - MARGIN);
  const to = Math.min(way.choices.length - 1, (apart[apart.length - 1] ?? -1) + MARGIN);
  const other = withWay(solved, way);
  const differences = costDifferences(breakdownOf(solved, from, to), breakdownOf(other, from, to));
  return {
    deltaThousandths: way.cost - solved.way.cost,
    more: differences.filter((difference) => difference.thousandths > 0),
    less: differences.filter((difference) => difference.thousandths < 0),
    stretch: widestStretch(other, apart),
  };
}

/** The words of the terms a way has more. */
export function counted(differences: readonly CostDifference[]): readonly CountedDifference[] {
  return differences.map(({ term, times, thousandths }) => ({
    one: COST_TERMS[term].one,
    many: COST_TERMS[term].many,
    times,
    thousandths,
  }));
}

function breakdownOf(solved: Solved, from: number, to: number): ReturnType<typeof costBreakdown> {
  return costBreakdown(solved.task, placedNotes(solved, from, to), from);
}

function widestStretch(solved: Solved, orders: readonly number[]): Compared['stretch'] {
  const { hand, playerHand, instrument } = solved.task;
  if (playerHand === null) return null;
  const reaches = orders.flatMap((order) => {
    const placement = solved.placements[order];
    return placement ? [reachOf(hand, playerHand, instrument, placement)] : [];
  });
  const [widest] = reaches.toSorted((one, other) => other.needMm - one.needMm);
  return widest && widest.needMm > widest.span.comfortMm ? { needMm: widest.needMm, comfortMm: widest.span.comfortMm } : null;
}
