import type { PieceFactsRecord } from '../database/index.ts';
import { database } from '../database/index.ts';
import type { BookRecord, PieceRecord } from '../../records/record.ts';
import { loadAll, readOrSetAside } from './set-aside.ts';

/** The books of the teacher with their pieces. */
export interface BooksWithPieces {
  readonly books: readonly BookRecord[];
  /** The pieces that stand in a book, whether it is still here or not. */
  readonly pieces: readonly PieceRecord[];
}

/** Reads the books and their pieces; the other pieces are not looked at. */
export async function loadBooks(): Promise<BooksWithPieces> {
  const [books, stored] = await Promise.all([
    loadAll('book'),
    database.pieces.filter(({ document }) => document?.inBook !== undefined).toArray(),
  ]);
  const pieces = await Promise.all(stored.map((record) => readOrSetAside('piece', record)));
  return { books, pieces: pieces.filter((piece) => piece !== null) };
}

/** Reads the facts that are kept of some pieces, by their ids. */
export async function loadFacts(ids: readonly string[]): Promise<readonly PieceFactsRecord[]> {
  const kept = await database.pieceFacts.bulkGet([...ids]);
  return kept.filter((facts) => facts !== undefined);
}

/** Keeps the facts of a piece. */
export async function keepFacts(facts: PieceFactsRecord): Promise<void> {
  await database.pieceFacts.put(facts);
}

/** Forgets the facts of pieces that are not here any more. */
export async function forgetFactsOfGone(): Promise<void> {
  const [kept, here] = await Promise.all([database.pieceFacts.toCollection().primaryKeys(), database.pieces.toCollection().primaryKeys()]);
  const ids = new Set(here);
  await database.pieceFacts.bulkDelete(kept.filter((id) => !ids.has(id)));
}
