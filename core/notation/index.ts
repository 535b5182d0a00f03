export { type BeamPart, beamGroups, beamsOf } from './beams.ts';
export { type Clef, ownReading, type StaffReading, staffReadings, stepsOnStaff } from './clef.ts';
export { engravingOfPlan } from './engraving-of-plan.ts';
export {
  type ClefSet,
  clefsRead,
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
export { fingerMark, type FingerMark, fingerMarks, fingerStands } from './finger-marks.ts';
export { headInKey, withInBetweenNotes } from './in-between.ts';
export { type Variant, variantOf } from './variant.ts';
