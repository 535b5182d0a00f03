export { type BowCount, type BowMoment, bowCount, type BowPlan, bowPlan } from './bow-plan.ts';
export { type Bow, type BowDirection, bowsOf } from './bows.ts';
export { type BowCure, type CureStep, cures, endsWrong } from './cures.ts';
export { type BowPart, type DrawnBow } from './where.ts';
