import { plan, type PlanOutcome } from '#core/plan';
import { seededBrief } from '../../../scripts/results/seeded-briefs.ts';

const planned = new Map<number, PlanOutcome>();

/**
 * Gives the plan of a seeded brief, or why there is none. The tests that walk these briefs run in one process (`scripts/core-tests.mjs`
 * knows them by this import), so that each is planned once for all of them; nobody changes the result.
 */
export function seededOutcome(index: number): PlanOutcome {
  const known = planned.get(index);
  if (known) return known;
  const outcome = plan(seededBrief(index));
  planned.set(index, outcome);
  return outcome;
}
