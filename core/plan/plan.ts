import type { Brief } from '#core/brief';
import { finish } from '#core/result';
import { type PlanOptions, planSteps } from './plan-steps.ts';
import type { PlanOutcome } from './types.ts';

/**
 * Plans a teacher's brief: the one entrance to the engine. It is deterministic: equal briefs give equal plans.
 *
 * Read the brief into a line and limits → collect for each note every placement the hand offers → price notes and the
 * steps between them → find the cheapest way through the whole line → describe it. Where nothing can be planned, the answer says
 * which note fails first, why, and what would help, with the plan that this help gives. The brief must match its schema.
 */
export function plan(brief: Brief, options: PlanOptions = {}): PlanOutcome {
  return finish(planSteps(brief, options));
}
