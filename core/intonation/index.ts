export {
  beatsOff,
  type Check,
  type CheckedNote,
  checksOf,
  type CommaConflict,
  commaConflicts,
  otherOctave,
  ringingStrings,
  RINGS_FROM,
  ringStrength,
} from './checks.ts';
export { type IntonationSystem, LEADING_CENTS, SYSTEMS } from './choices.ts';
export { type KeyPlace, keyPlaces } from './key-places.ts';
export { beatsHz, centsOfRatio, factorOfCents, pureRatio, type Ratio } from './ratio.ts';
export { IntonationSpec } from './schema.ts';
export { centsFromEqual, type Intonation } from './systems.ts';
export { centsOfMm, mmOfCents, openStringCents, openStringHz, type Target, targetOn } from './target.ts';
export { type TuningStep, tuningSteps } from './tuning-steps.ts';
export { type CheckedAs, FINEST_TOLERANCE, offeredChecks } from './offered-checks.ts';
