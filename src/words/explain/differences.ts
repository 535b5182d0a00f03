import { counted, listed } from '#core/messages';
import type { CostDifference } from '#core/plan/describe';
import { COST_TERMS } from './cost-terms.ts';

/** "1.4": thousandths of a unit of cost, for reading. */
export function pointsText(thousandths: number): string {
  const points = Math.abs(thousandths) / 1000;
  return points < 0.1 ? points.toFixed(2) : points.toFixed(1);
}

/** How many differences a sentence names. */
const MOST_NAMED = 3;

/** "2 string crossings and 1 reach back more": what a fingering has more than another, costliest first. */
export function payText(differences: readonly CostDifference[]): string {
  return listed(named(differences).map((difference) => (difference.times > 0 ? `${timesText(difference)} more` : weighedMore(difference))));
}

/** "2 string crossings fewer and a shorter way for the hand": what a fingering saves against another. */
export function gainText(differences: readonly CostDifference[]): string {
  return listed(
    named(differences).map((difference) => (difference.times < 0 ? `${timesText(difference)} fewer` : weighedLess(difference))),
  );
}

/** Counted differences say most; those that are only costlier or cheaper are named when there is room. */
function named(differences: readonly CostDifference[]): readonly CostDifference[] {
  const counts = differences.filter(({ times, thousandths }) => times * thousandths > 0 && times !== 0);
  const others = differences.filter((difference) => !counts.includes(difference));
  return [...counts, ...others].slice(0, MOST_NAMED);
}

function timesText({ term, times }: CostDifference): string {
  return counted(Math.abs(times), COST_TERMS[term].one, COST_TERMS[term].many);
}

/** As often as before, and each of them harder. */
function weighedMore({ term }: CostDifference): string {
  return term === 'shift-travel' ? 'more hand travel' : `harder ${COST_TERMS[term].many}`;
}

/** As often as before, and each of them easier. */
function weighedLess({ term }: CostDifference): string {
  return term === 'shift-travel' ? 'less hand travel' : `easier ${COST_TERMS[term].many}`;
}
