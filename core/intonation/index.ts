export { type IntonationSystem, LEADING_CENTS, SYSTEMS } from './choices.ts';
export { beatsHz, centsOfRatio, factorOfCents, pureRatio, type Ratio } from './ratio.ts';
export { IntonationSpec } from './schema.ts';
export { centsFromEqual, type Intonation } from './systems.ts';
export { centsOfMm, mmOfCents, openStringCents, openStringHz, openTarget, type Target, targetOn } from './target.ts';
export { type TuningStep, tuningSteps } from './tuning-steps.ts';
