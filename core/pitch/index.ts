export { alterationInKey, formatKey, isInKey, type Key, KEY_MODES, keyLabel, type KeyMode, keyOfTonic, keyWithSignature, parseKey, pitchInKey, sharpsOrFlats } from './key.ts';
export { DIATONIC_SEMITONES, displayPitch, displayPitchClass, fifthsOf, formatPitch, frequencyHz, type Interval, type LetterIndex, LETTERS, noteLabel, parsePitch, type Pitch, pitchAt, pitchLabel, respelled, samePitch, semitonesOf, stepsOf, transposedBy } from './pitch.ts';
export { PitchText } from './schema.ts';
