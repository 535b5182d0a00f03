export type { Head, MeasureRange } from './draw-measures.ts';
export {
  BOW_LANE,
  FINGER_LANE,
  layoutScore,
  layoutStaff,
  STAFF_HEIGHT,
  STAFF_SPACE,
  type StaffLayout,
  type WrittenRows,
} from './layout.ts';
export { engraveScore, type SignOutlines } from './recorded/engrave-measured.ts';
export type { EngravedShape } from './recorded/recorder.ts';
export { musicFontReady } from './music-font.ts';
export { nameThatFits } from './names-that-fit.ts';
export { circleOutline, outlineMark, type StaffMark, textMark } from './staff-mark.ts';
export { ALL_MARKS, fingerFootOf, isMarked, lineMarks, type MarkedStaff, type ShownMarks, staffMarks } from './staff-marks.ts';
export { drawMeasures, StaffDrawing } from './staff-drawing.ts';
export { systemsOf } from './systems.ts';
export { writtenMarks } from './written-marks.ts';
