export { Fingerboard, FINGERBOARD_WIDTH, onPaper } from './Fingerboard.tsx';
export { LinePreview } from './LinePreview.tsx';
export { NamesByMeasure } from './NamesByMeasure.tsx';
export { PathDrawing, type PathNotes } from './PathDrawing.tsx';
export { PathScore } from './PathScore.tsx';
export { ScoreFrame, windowOf } from './ScoreFrame.tsx';
export { ScoreWindow } from './ScoreWindow.tsx';
export { SemitoneLines } from './SemitoneLines.tsx';
export { StaffMarks } from './StaffMarks.tsx';
export {
  type Bead,
  BEAD_RADIUS,
  beadsOf,
  type DropTarget,
  dropTargets,
  highestMmOf,
  nearestTarget,
  type PathLabel,
  pathScale,
  type PathScale,
  smallPath,
  stringWidth,
  yOfMm,
} from './geometry/path-geometry.ts';
export { measuresInView, useKeepInView, useScroller } from './use-scroller.ts';
