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
export { type KeyPlace, keyPlaces } from './key-places.ts';
export { FINEST_TOLERANCE, offeredChecks } from './offered-checks.ts';
