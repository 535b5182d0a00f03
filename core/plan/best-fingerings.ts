import type { Brief } from '#core/brief';
import { describe, type Plan } from '#core/plan/describe';
import { goodReading, type Reading } from '#core/result';
import { bestWays, fingeringLabel, groupedBy } from '#core/search/ways';
import { asksOfWholeLine, handBreaks, solveBrief, withWay } from '#core/solve';

/**
 * The k cheapest different fingerings of a brief, cheapest first, counted by string and finger: exact, but that those no
 * single hand plays are left out. They are near
 * copies of each other, which `alternatives` of `plan` are not. A brief that asks something of the line as a whole (so
 * many shifts, down as up, one pattern for every octave) has its best fingering only.
 */
export function bestFingerings(brief: Brief, most: number): Reading<readonly Plan[]> {
  const solved = solveBrief(brief);
  if (!solved.ok) return solved;
  if (asksOfWholeLine(solved.value.task)) return goodReading([describe(solved.value)]);
  const { lattice } = solved.value;
  const ways = bestWays(lattice, most, groupedBy(lattice, fingeringLabel));
  const fingerings = ways
    .map((way) => withWay(solved.value, way))
    .filter(({ task, placements }) => handBreaks(task.hand, placements).length === 0);
  return goodReading(fingerings.map(describe));
}
