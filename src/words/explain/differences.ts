import { countText, listText } from '#core/messages';
import type { CostDifference } from '#core/plan/describe';
import { COST_TERMS } from './cost-terms.ts';

/** Writes thousandths of a unit of cost for reading: "1.4". */
export function pointsText(thousandths: number): string {
  const points = Math.abs(thousandths) / 1000;
  return points < 0.1 ? points.toFixed(2) : points.toFixed(1);
}

/** The number of differences that a sentence names. */
const MOST_NAMED = 3;

/** Writes what a fingering has more than another, the largest first: "2 string crossings and 1 reach back more". */
export function payText(differences: readonly CostDifference[]): string {
  return listText(
    differencesToName(differences).map((difference) =>
      difference.term === 'shift-travel' ? 'more travel for the hand' : `${timesText(difference)} more`,
    ),
  );
}

/** Writes the largest cost that a fingering has more and a teacher would name: "2 shifts more"; null where only its weights differ. */
export function mainPayText(differences: readonly CostDifference[]): string | null {
  const main = differences.find(({ term, times, thousandths }) => times > 0 && thousandths > 0 && !UNNAMED.includes(term));
  return main ? `${timesText(main)} more` : null;
}

/** The terms whose number says nothing: a finger, a position, a way and an open string. */
const UNNAMED: readonly CostDifference['term'][] = ['finger', 'position', 'shift-travel', 'open-string'];

/** Writes what a fingering saves against another: "2 string crossings fewer and a shorter way for the hand". */
export function gainText(differences: readonly CostDifference[]): string {
  return listText(
    differencesToName(differences).map((difference) =>
      difference.term === 'shift-travel' ? 'less travel for the hand' : `${timesText(difference)} fewer`,
    ),
  );
}

/**
 * Chooses the differences to name: counted ones say most; of those that are only costlier or cheaper the travel of the hand alone is named,
 * when there is room.
 */
function differencesToName(differences: readonly CostDifference[]): readonly CostDifference[] {
  const counts = differences.filter(({ term, times, thousandths }) => times * thousandths > 0 && times !== 0 && term !== 'shift-travel');
  const travel = differences.filter(({ term }) => term === 'shift-travel');
  return [...counts, ...travel].slice(0, MOST_NAMED);
}

function timesText({ term, times }: CostDifference): string {
  return countText(Math.abs(times), COST_TERMS[term].one, COST_TERMS[term].many);
}
