export { piecesTried, triesIn } from './tries.ts';
