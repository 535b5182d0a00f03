import type { PieceRecord, Uses } from '../../records/record.ts';
import { byName, type Studio } from '../../records/studio.ts';
import { database } from '../database/index.ts';
import { loadAll } from './set-aside.ts';

/** Reads everything of the studio that can be read; damaged records are set aside. */
export async function loadStudio(): Promise<Studio> {
  const [instruments, players, schools] = await Promise.all([loadAll('instrument'), loadAll('player'), loadAll('school')]);
  return { instruments: instruments.toSorted(byName), players: players.toSorted(byName), schools: schools.toSorted(byName) };
}

/** Reads the pieces that use an instrument, are for a player, or follow a school. */
export async function piecesUsing(field: keyof Uses, id: string): Promise<readonly PieceRecord[]> {
  return await database.pieces.filter((piece) => piece[field] === id).toArray();
}
