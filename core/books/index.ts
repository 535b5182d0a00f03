export { beforePiece, type BeforePiece, type PieceForNeed } from './before-piece.ts';
export { bookIndex, type IndexEntry } from './book-index.ts';
export { drillOfNeed } from './drill-of-need.ts';
export type { Need } from './need.ts';
export { nearestMeasures, type NearMeasure, type SoughtShift, type Unlike } from './nearest.ts';
export { type Passage, type PassageAsked, passageOf } from './passage.ts';
export type { PieceOfBook } from './piece-of-book.ts';
