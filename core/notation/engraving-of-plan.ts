import type { Plan } from '#core/plan/describe';
import { type Engraving, engravingOf } from './engraving.ts';
import { asFingered } from './read-as.ts';

/** Engraves a plan: read as it is fingered, in the clefs that are set. */
export function engravingOfPlan(plan: Plan): Engraving {
  const { instrument, marks } = plan.brief;
  return engravingOf(instrument.kind, plan.line, { readAs: asFingered(plan), clefs: marks });
}
