export { CLEFS, ownReading, staffReadings, stepsOnStaff } from './clef.ts';
export type { Clef, ClefMoment, ClefName, StaffReading } from './clef.ts';
export { engravingOf } from './engraving.ts';
export { asFingered } from './read-as.ts';
export type { Engraving, Measure, MeasureNote, MeasureRest, MeasureSymbol, ReadAs, WrittenHead } from './engraving.ts';
export { fingerMark, fingerMarks } from './finger-marks.ts';
export type { FingerMark } from './finger-marks.ts';
