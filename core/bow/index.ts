export { type BowCount, type BowMoment, type BowPlan, bowPlan } from './bow-plan.ts';
export { type Bow, bowsOf } from './bows.ts';
export { cures, type CureStep, endsWrong } from './cures.ts';
export type { BowPart, DrawnBow } from './where.ts';
