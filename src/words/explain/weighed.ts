import type { CostDifference } from '#core/plan/describe';
import { CLEAR_FROM, EQUAL_BELOW } from '#core/weights';
import { COST_TERMS } from './cost-terms.ts';
import { pointsText } from './differences.ts';

/** Writes how another fingering weighs against the one chosen: "a little harder". */
export function weighedText(thousandths: number): string {
  const size = Math.abs(thousandths);
  if (size < EQUAL_BELOW) return 'equally good';
  return `${size < CLEAR_FROM ? 'a little' : 'clearly'} ${thousandths > 0 ? 'harder' : 'easier'}`;
}

/** Writes the figure behind the words, and its parts. */
export function weighedHow(thousandths: number, differences: readonly CostDifference[]): string {
  if (thousandths === 0) return 'The sum of costs is the same.';
  const parts = differences.map(({ term, thousandths: own }) => `${COST_TERMS[term].many} ${own > 0 ? '+' : '−'}${pointsText(own)}`);
  return `${pointsText(thousandths)} ${thousandths > 0 ? 'more' : 'less'} in the sum of costs${parts.length > 0 ? `: ${parts.join(', ')}` : ''}.`;
}
