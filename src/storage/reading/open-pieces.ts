import type { Brief } from '#core/brief';
import { database } from '../database/index.ts';
import { withOpened } from './open-ids.ts';

/** A piece that is open beside the one on the bench. */
export interface OpenPiece {
  /** The id of the piece. */
  readonly id: string;
  readonly name: string;
  readonly brief: Brief;
}

/** Reads the open pieces, in the order in which they were opened; those that are gone are left out. */
export async function loadOpenPieces(): Promise<readonly OpenPiece[]> {
  const records = await database.pieces.bulkGet([...(await openIds())]);
  return records.flatMap((record) => (record ? [{ id: record.id, name: record.document.name, brief: record.document.brief }] : []));
}

/** Notes that a piece is open; gives the open ones. */
export async function noteOpened(id: string): Promise<readonly OpenPiece[]> {
  const ids = await openIds();
  if (!ids.includes(id)) await database.facts.put({ key: 'open-pieces', value: withOpened(ids, id) });
  return await loadOpenPieces();
}

/** Removes a piece from the row of open ones; nothing of it is lost. */
export async function closePiece(id: string): Promise<readonly OpenPiece[]> {
  await database.facts.put({ key: 'open-pieces', value: (await openIds()).filter((open) => open !== id) });
  return await loadOpenPieces();
}

async function openIds(): Promise<readonly string[]> {
  const fact = await database.facts.get('open-pieces');
  return fact?.key === 'open-pieces' ? fact.value : [];
}
