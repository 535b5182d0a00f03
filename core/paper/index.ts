export {
  isOnSheet,
  PRINT_SIZES,
  type PrintSize,
  READY_SHEETS,
  type ReadySheet,
  readySheet,
  readySheetOf,
  SHEET_PARTS,
  SheetChoices,
  type SheetPart,
  STAFF_MM,
} from './choices.ts';
export {
  type FlowBlock,
  type FlowMusic,
  type FlowPart,
  type FlowRoom,
  layOutFlow,
  type PlacedBlock,
  type PlacedPage,
  type PlacedSystem,
  type TurnPlace,
} from './flow.ts';
export { type FaceMeasures, type FontMeasures, linesOfText, MM_PER_POINT, textWidthMm } from './measured-text.ts';
export { formatOf, type Orientation, ORIENTATIONS, type PageFormat, type Paper, PAPER_NAMES, PAPERS } from './papers.ts';
export {
  type Anchor,
  type Face,
  FACES,
  lineShape,
  type PaperPages,
  type PaperShape,
  type PathShape,
  type PlaceMm,
  type TextLook,
  textShape,
  type TextShape,
  type Tone,
} from './shapes.ts';
