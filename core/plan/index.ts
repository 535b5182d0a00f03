export { bestFingerings } from './best-fingerings.ts';
export { whatItDoes } from './others/candidates.ts';
export type { AlternativeName, Difference } from './others/name.ts';
export { otherFingerings } from './others/other-fingerings.ts';
export { planSteps } from './plan-steps.ts';
export { plan } from './plan.ts';
export { relax } from './relaxed.ts';
export type { Alternative, PlanOutcome, PlanSet, Relaxed } from './types.ts';
