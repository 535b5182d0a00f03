export { fingerboardEndSemitones, mmFromNut, mmPerTenCents, placesMm, semitonesAtMm } from './geometry.ts';
export { STRING_NUMBERS, readInstrument, stringOf, stringSpacingMm, writtenOnString, writtenPitch, soundingPitch } from './instrument.ts';
export type { Instrument, OpenString, StringNumber } from './instrument.ts';
export { InstrumentSpec } from './schema.ts';
export type { InstrumentKind } from './schema.ts';
export { defaultSize, FINGERBOARD_END_SHARE, INSTRUMENT_KINDS, SIZES, TUNINGS, WRITTEN_OCTAVES_ABOVE } from './sizes.ts';
export type { SizeEntry } from './sizes.ts';
