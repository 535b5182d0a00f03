import { database, type PieceRecord } from './database.ts';
import { countOfNewer, countSetAside, loadAll, readOrSetAside } from './set-aside.ts';

/** All pieces that can be read, newest first, and how many records had to be set aside. */
export interface PieceList {
  readonly records: readonly PieceRecord[];
  readonly setAside: number;
  /** How many pieces a newer version of the application wrote, which this one cannot show. */
  readonly newer: number;
}

/** Whether a stored piece passes its check; one that does not is set aside. */
export async function checkRecord(id: string): Promise<boolean> {
  const record = await database.pieces.get(id);
  return record === undefined || (await readOrSetAside('piece', record)) !== null;
}

/** Reads all pieces; records that do not pass are set aside and counted. */
export async function loadPieces(): Promise<PieceList> {
  return { records: await loadAll('piece'), setAside: await countSetAside(), newer: await countOfNewer('piece') };
}

/** All pieces as they are stored, newest first, unchecked: enough to name them. */
export async function loadStoredPieces(): Promise<readonly PieceRecord[]> {
  return await database.pieces.orderBy('updatedAt').reverse().toArray();
}

/** Removes a piece. */
export async function deletePiece(id: string): Promise<void> {
  await database.pieces.delete(id);
}
