export type { CoveringDrill, KeptDrill } from './candidates.ts';
export { type CoverAsked, coverShifts, type DrillOfCover, type PieceToCover, type ShiftCover } from './cover-shifts.ts';
export { cheapestCover, type Cover, type CoveringSet } from './set-cover.ts';
export { type PieceOfPlayer, type ShiftNeed, shiftNeeds, type ShiftPlace } from './shift-needs.ts';
