export { type Clef, ownReading, type StaffReading, staffReadings, stepsOnStaff } from './clef.ts';
export {
  type Engraving,
  engravingOf,
  type Measure,
  type MeasureNote,
  type MeasureRest,
  type MeasureSymbol,
  type SmallNote,
  type TupletPlace,
  type WrittenHead,
} from './engraving.ts';
export { fingerMark, type FingerMark, fingerMarks } from './finger-marks.ts';
export { asFingered } from './read-as.ts';
export { variantOf, type Variant } from './variant.ts';
