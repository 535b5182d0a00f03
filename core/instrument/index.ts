export {
  contactPointMm,
  CONTACT_SHARES,
  fingerboardEndSemitones,
  mmFromNut,
  mmPerTenCents,
  placesMm,
  semitonesAtMm,
  semitoneSpaceMm,
  soundingLengthMm,
} from './geometry.ts';
export { HARMONIC_NODES } from './harmonics.ts';
export type { HarmonicNode } from './harmonics.ts';
export { STRING_NUMBERS, readInstrument, stringOf, stringSpacingMm } from './instrument.ts';
export { soundingPitch, writtenOnString, writtenPitch } from './written.ts';
export type { Instrument, OpenString, StringNumber } from './instrument.ts';
export { InstrumentSpec } from './schema.ts';
export type { InstrumentKind, OpenTuning } from './schema.ts';
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
export type { SizeEntry } from './sizes.ts';
