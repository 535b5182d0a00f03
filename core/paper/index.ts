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
