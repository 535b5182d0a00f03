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
