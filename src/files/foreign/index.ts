export { isMarkup, pastedFile } from './markup.ts';
export { looksLikeScore, readScore } from './read-score.ts';
export { firstChoice, scorePiece } from './score-piece.ts';
export type { ReadScore } from './score-read.ts';
