export { METERS, NOTE_VALUES } from './choices.ts';
export {
  addFractions,
  asNumber,
  compareFractions,
  formatFraction,
  fraction,
  type Fraction,
  parseFraction,
  subtractFractions,
  ZERO,
} from './fraction.ts';
export { type Meter, meterOf } from './meter.ts';
export { type NoteValue, writtenLengths } from './note-value.ts';
export { Duration, Rhythm } from './schema.ts';
