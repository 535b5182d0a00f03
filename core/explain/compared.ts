import { comesBack, type Placement } from '#core/hand/placement';
import { reachOf } from '#core/hand/reach';
import { costBreakdown, type CostDifference, costDifferences } from '#core/plan/describe';
import type { Way } from '#core/search/ways';
import { asksOfWholeLine, placedNotes, type Solved, withWay } from '#core/solve';

/** The comparison of a way with the one chosen: the difference in cost, and the causes. */
export interface Compared {
  /** The difference in cost, positive where the way is costlier than the one chosen. */
  readonly deltaThousandths: number;
  /** Whether it is equally good but would not come down as it went up. */
  readonly isUneven: boolean;
  /** The costs that it has and the chosen one has not, the largest first. */
  readonly more: readonly CostDifference[];
  /** The costs that it saves, the largest first. */
  readonly less: readonly CostDifference[];
  /** The widest reach where it differs, if that is beyond a measured hand's comfort. */
  readonly stretch: { readonly needMm: number; readonly comfortMm: number } | null;
}

/**
 * Finds why a line that costs less than the chosen one was not taken: the brief asks something of the whole line, or it is equally good but
 * does not come down as it went up. Null where neither is true.
 */
export function keptOutBy(chosen: Solved, other: readonly Placement[]): 'asked' | 'uneven' | null {
  if (asksOfWholeLine(chosen.task)) return 'asked';
  return comesBack(chosen.placements) && !comesBack(other) ? 'uneven' : null;
}

/** The number of notes around the place where two ways part that are priced with it. */
const MARGIN = 1;

/** Prices both ways where they part, with the formulas the search minimised. */
export function compareWay(solved: Solved, way: Way): Compared {
  const apart = way.choices.flatMap((choice, order) => (choice === solved.way.choices[order] ? [] : [order]));
  const from = Math.max(0, (apart[0] ?? 0) - MARGIN);
  const to = Math.min(way.choices.length - 1, (apart[apart.length - 1] ?? -1) + MARGIN);
  const other = withWay(solved, way);
  const differences = costDifferences(breakdownOf(solved, from, to), breakdownOf(other, from, to));
  return {
    deltaThousandths: way.cost - solved.way.cost,
    isUneven: way.cost < solved.way.cost && keptOutBy(solved, other.placements) === 'uneven',
    more: differences.filter((difference) => difference.thousandths > 0),
    less: differences.filter((difference) => difference.thousandths < 0),
    stretch: widestStretch(other, apart),
  };
}

function breakdownOf(solved: Solved, from: number, to: number): ReturnType<typeof costBreakdown> {
  return costBreakdown(solved.task, placedNotes(solved, from, to));
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
