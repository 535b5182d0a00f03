export { articulationY } from './articulations.ts';
export { type Curve, curvePath, curvesOf, curveYAt, slideLinesOf } from './curves.ts';
export type { Head, MeasureRange } from './draw-measures.ts';
export {
  ARTICULATION_REACH,
  BOW_LANE,
  FINGER_LANE,
  layoutStaff,
  ORNAMENT_ROW,
  STAFF_HEIGHT,
  STAFF_SPACE,
  type StaffLayout,
  systemEnds,
  type WrittenRows,
} from './layout.ts';
export { musicFontReady } from './music-font.ts';
export { ACCENT_SIGNS } from './signs.ts';
export { drawMeasures, StaffDrawing } from './staff-drawing.ts';
export { systemsOf } from './systems.ts';
export { type DrawnTuplet, footOf, tupletsOf } from './tuplets.ts';
export { writtenMarks, type WrittenMarks } from './written-marks.ts';
