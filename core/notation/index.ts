export { CLEFS, clefFor } from './clef.ts';
export type { Clef, ClefName } from './clef.ts';
export { engravingOf } from './engraving.ts';
export type { Engraving, Measure, MeasureNote, MeasureRest, MeasureSymbol } from './engraving.ts';
export { fingerMark, fingerMarks } from './finger-marks.ts';
export type { FingerMark } from './finger-marks.ts';
