export {
  CHECK_BAR_MM,
  type Paper,
  PAPERS,
  type PrintedSheet,
  sectionMm,
  type SheetShape,
  STRIP_TOP_MM,
  type Tape,
  tapeSheet,
} from './tape-sheet.ts';
