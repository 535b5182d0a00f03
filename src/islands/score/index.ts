export { Fingerboard, FINGERBOARD_WIDTH, onPaper } from './Fingerboard.tsx';
export { LinePreview } from './LinePreview.tsx';
export { NamesByMeasure } from './NamesByMeasure.tsx';
export { PathDrawing, type PathNotes } from './PathDrawing.tsx';
export { PathScore } from './PathScore.tsx';
export { ScoreFrame, windowOf } from './ScoreFrame.tsx';
export { ScoreWindow } from './ScoreWindow.tsx';
export { SemitoneLines } from './SemitoneLines.tsx';
export { SmallPathPicture } from './SmallPathPicture.tsx';
export { StaffMarks } from './StaffMarks.tsx';
export {
  type Bead,
  BEAD_RADIUS,
  beadsOf,
  type DropTarget,
  dropTargets,
  nearestTarget,
  type PathLabel,
  pathScale,
  type PathScale,
  stringWidth,
  yOfMm,
} from './geometry/path-geometry.ts';
export { highestMmOf, smallPath } from './geometry/small-path.ts';
export { measuresInView, useKeepInView, useScroller } from './use-scroller.ts';
