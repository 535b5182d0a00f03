import type { Brief } from '#core/brief';
import { describe, type Plan } from '#core/plan/describe';
import { goodReading, type Reading } from '#core/result';
import { asksOfWholeLine, cheapestFingerings, solveBrief, withWay } from '#core/solve';

/**
 * Finds the k cheapest different fingerings of a brief, cheapest first, told apart by string and finger: exact, but that those no single
 * hand plays are left out. They are near copies of each other, which the `alternatives` of `plan` are not. A brief that asks something of
 * the line as a whole (a number of shifts, down as up, one pattern for every octave) has its best fingering only.
 */
export function bestFingerings(brief: Brief, most: number): Reading<readonly Plan[]> {
  const solved = solveBrief(brief);
  if (!solved.ok) return solved;
  if (asksOfWholeLine(solved.value.task)) return goodReading([describe(solved.value)]);
  return goodReading(cheapestFingerings(solved.value, most).map((way) => describe(withWay(solved.value, way))));
}
