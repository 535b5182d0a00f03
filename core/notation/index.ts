export { CLEFS, clefFor } from './clef.ts';
export type { Clef, ClefName } from './clef.ts';
export { engravingOf } from './engraving.ts';
export { asFingered } from './read-as.ts';
export type { Engraving, Measure, MeasureNote, MeasureRest, MeasureSymbol, ReadAs, WrittenHead } from './engraving.ts';
export { fingerMark, fingerMarks } from './finger-marks.ts';
export type { FingerMark } from './finger-marks.ts';
