export { type MeterName, METERS, NOTE_VALUES } from './choices.ts';
export { isCompound, measureLength, type Meter, meterName, meterNamed, meterOf } from './meter.ts';
export { isPlain, type NoteValue, type Tuplet, tupletStarts, writeFrom, writtenLengths } from './note-value.ts';
export { Duration, LockedBow, Rhythm } from './schema.ts';
export {
  type AccentPattern,
  ACCENTS,
  BOW_PATTERNS,
  type BowPattern,
  LENGTH_PATTERNS,
  type LengthPattern,
  namesOf,
  patternNamed,
} from './variants.ts';
