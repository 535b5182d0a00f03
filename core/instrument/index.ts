export { CLEF_NAMES, type ClefName, CLEFS_READ } from './clefs.ts';
export { HARMONIC_NODES } from './harmonics.ts';
export {
  type Instrument,
  type OpenString,
  readInstrument,
  STRING_NUMBERS,
  type StringNumber,
  stringOf,
  stringSpacingMm,
} from './instrument.ts';
export { type InstrumentKind, InstrumentSpec, MOST_TAPED, type OpenTuning } from './schema.ts';
export {
  defaultSize,
  FINGERBOARD_END_SHARE,
  INSTRUMENT_KINDS,
  OPEN_TUNINGS,
  REFERENCE_A,
  saneLengthsMm,
  SIZES,
  TUNINGS,
  WRITTEN_OCTAVES_ABOVE,
} from './sizes.ts';
export { writtenOnString, writtenPitch } from './written.ts';
