export { type AgainstTapes, againstTapes, tapeOfFinger } from './against-tapes.ts';
export {
  CHECK_BAR_MM,
  type PageShape,
  type Paper,
  PAPERS,
  type PrintedPages,
  sectionMm,
  STRIP_TOP_MM,
  type Tape,
  tapePages,
} from './tape-pages.ts';
