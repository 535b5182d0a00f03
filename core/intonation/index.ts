export {
  beatsOff,
  type Check,
  CHECK_KINDS,
  type CheckedNote,
  type CheckKind,
  checksOf,
  type CommaConflict,
  commaConflicts,
  isStrong,
  otherOctave,
  ringingStrings,
  RINGS_FROM,
  ringStrength,
} from './checks.ts';
export { type IntonationSystem, LEADING_CENTS, SYSTEMS } from './choices.ts';
export { type KeyPlace, keyPlaces } from './key-places.ts';
export { beatsHz, centsOfRatio, factorOfCents, pureRatio, type Ratio } from './ratio.ts';
export { IntonationSpec } from './schema.ts';
export { centsFromEqual, FIFTH_EXCESS_CENTS, type Intonation, SYNTONIC_COMMA_CENTS } from './systems.ts';
export { centsOfMm, mmOfCents, openStringCents, openStringHz, openTarget, placeMm, type Target, targetOn } from './target.ts';
export { type MatchingHarmonics, type TuningStep, tuningSteps } from './tuning-steps.ts';
