export {
  alterationInKey,
  formatKey,
  isInKey,
  keyOfTonic,
  KEY_MODES,
  keyWithSignature,
  parseKey,
  pitchInKey,
  sharpsOrFlats,
} from './key.ts';
export type { Key, KeyMode } from './key.ts';
export {
  DIATONIC_SEMITONES,
  displayPitch,
  displayPitchClass,
  fifthsOf,
  formatPitch,
  frequencyHz,
  LETTERS,
  parsePitch,
  pitchAt,
  respelled,
  samePitch,
  semitonesOf,
  stepsOf,
  transposedBy,
} from './pitch.ts';
export type { Interval, LetterIndex, Pitch } from './pitch.ts';
export { PitchText } from './schema.ts';
