export { allOf, firstPart, voicesOf } from './chosen.ts';
export { fingeringsHold, type Fit, fits, foreignPiece, type ForeignPiece, type ImportChoice, lies, rangeOf } from './foreign-piece.ts';
export { FINGERING_USES, type FingeringUse, hasFingering } from './fingering.ts';
export type { LeftOut, LeftOutCount } from './left-out.ts';
export {
  type ForeignEvent,
  type ForeignMeasure,
  type ForeignNote,
  type ForeignPart,
  type ForeignScore,
  NO_REPEAT,
  type RepeatSigns,
  type WrittenPosition,
  type WrittenString,
} from './score.ts';
