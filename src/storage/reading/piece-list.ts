import { standsInBook } from '#core/documents';
import { database, isOfThisVersion } from '../database/index.ts';
import type { PieceRecord } from '../../records/record.ts';
import { type AllRead, countSetAside, readAll, readOrSetAside } from './set-aside.ts';

/** The pieces that can be read, newest first, and the number of records that had to be set aside. */
export interface PieceList extends AllRead<'piece'> {
  /** The number of records that could not be read. */
  readonly setAside: number;
  /** Whether these are all pieces, not only the ones that were changed last. */
  readonly whole: boolean;
}

/** The state of a stored piece: it reads, it was set aside because it does not, or a newer version of the application has written it. */
export type Checked = 'reads' | 'set aside' | 'of a newer version';

/** Checks a stored piece; one that does not read is set aside. */
export async function checkRecord(id: string): Promise<Checked> {
  const record = await database.pieces.get(id);
  if (record === undefined || (await readOrSetAside('piece', record)) !== null) return 'reads';
  return (await database.pieces.get(id)) === undefined ? 'set aside' : 'of a newer version';
}

/** Reads the pieces that were changed last, `most` of them, without those that stand in books: those with which a list begins. */
export async function loadNewest(most: number): Promise<PieceList> {
  const stored = await database.pieces
    .orderBy('updatedAt')
    .reverse()
    .filter(({ document }) => !standsInBook(document ?? {}))
    .limit(most)
    .toArray();
  const read = await Promise.all(stored.map((record) => readOrSetAside('piece', record)));
  return { records: read.filter((record) => record !== null), newer: 0, setAside: await countSetAside(), whole: false };
}

/** Reads all pieces; records that do not pass are set aside and counted. */
export async function loadPieces(): Promise<PieceList> {
  return { ...(await readAll('piece')), setAside: await countSetAside(), whole: true };
}

/** Reads all pieces as they are stored, newest first, unchecked: enough to name them. */
export async function loadStoredPieces(): Promise<readonly PieceRecord[]> {
  return await database.pieces.orderBy('updatedAt').reverse().toArray();
}

/**
 * Reads one piece, the newest without an id; null when there is none, or when it had to be set aside. A piece that this version wrote was
 * checked then and opens at once: `checkRecord` looks at it again when the bench is drawn.
 */
export async function loadPiece(id: string | null): Promise<PieceRecord | null> {
  const record = id === null ? await database.pieces.orderBy('updatedAt').last() : await database.pieces.get(id);
  if (!record) return null;
  return isOfThisVersion(record) ? record : await readOrSetAside('piece', record);
}

/** Gives the moment a piece was last changed, ms since 1970; 0 where there is none, or nothing to read. */
export async function newestChange(): Promise<number> {
  const newest = await database.pieces
    .orderBy('updatedAt')
    .last()
    .catch(() => undefined);
  return newest?.updatedAt ?? 0;
}
