export { type BooksWithPieces, forgetFactsOfGone, keepFacts, loadBooks, loadFacts } from './books.ts';
export { readFirst } from './first-reading.ts';
export type { OpenPiece } from './open-pieces.ts';
export { checkRecord, loadNewest, loadPiece, loadPieces, loadStoredPieces, type PieceList } from './piece-list.ts';
export { loadLog, loadSessions, loadWeek } from './practice.ts';
export { type Fields, isDocumentOfNewer, isFields, isOfNewer, readRecord } from './read-record.ts';
export { type AllRead, countNewer, countSetAside, loadAll, readAll, readOrSetAside } from './set-aside.ts';
export { loadStudio, piecesUsing } from './studio.ts';
