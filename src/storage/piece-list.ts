import { database, type PieceRecord } from './database.ts';
import { type AllRead, countSetAside, readAll, readOrSetAside } from './set-aside.ts';

/** All pieces that can be read, newest first, and how many records had to be set aside. */
export interface PieceList extends AllRead<'piece'> {
  readonly setAside: number;
  /** These are all pieces, not only the ones that were changed last. */
  readonly whole: boolean;
}

/** Whether a stored piece passes its check; one that does not is set aside. */
export async function checkRecord(id: string): Promise<boolean> {
  const record = await database.pieces.get(id);
  return record === undefined || (await readOrSetAside('piece', record)) !== null;
}

/** Reads the pieces that were changed last, `most` of them: what a list begins with. */
export async function loadNewest(most: number): Promise<PieceList> {
  const stored = await database.pieces.orderBy('updatedAt').reverse().limit(most).toArray();
  const read = await Promise.all(stored.map((record) => readOrSetAside('piece', record)));
  return { records: read.filter((record) => record !== null), newer: 0, setAside: await countSetAside(), whole: false };
}

/** Reads all pieces; records that do not pass are set aside and counted. */
export async function loadPieces(): Promise<PieceList> {
  return { ...(await readAll('piece')), setAside: await countSetAside(), whole: true };
}

/** All pieces as they are stored, newest first, unchecked: enough to name them. */
export async function loadStoredPieces(): Promise<readonly PieceRecord[]> {
  return await database.pieces.orderBy('updatedAt').reverse().toArray();
}

/** Removes a piece. */
export async function deletePiece(id: string): Promise<void> {
  await database.pieces.delete(id);
}
