export { type FactsOfPieces, useFactsOfPieces } from './facts-of-pieces.ts';
export { keepPassage } from './keep-passage.ts';
export { excerptOf, inBookOrder, numbersFor, withPlace } from './place-in-book.ts';
export { BOOKS } from './query.ts';
