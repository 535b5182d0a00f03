export {
  CHECK_BAR_MM,
  type Paper,
  PAPERS,
  type PrintedPages,
  sectionMm,
  type PageShape,
  STRIP_TOP_MM,
  type Tape,
  tapePages,
} from './tape-pages.ts';
