import { database } from './database.ts';
import type { PieceRecord, RecordOf, Uses } from '../records/record.ts';
import { byName, type Studio, type StudioName } from '../records/studio.ts';
import { untiePieces } from './writing/follow.ts';
import type { SaveOutcome } from './writing/outcome.ts';
import { together } from './writing/together.ts';
import { written } from './writing/written.ts';
import { loadAll } from './set-aside.ts';

/** Everything of the studio that can be read; damaged records are set aside. */
export async function loadStudio(): Promise<Studio> {
  const [instruments, players, schools] = await Promise.all([loadAll('instrument'), loadAll('player'), loadAll('school')]);
  return { instruments: instruments.toSorted(byName), players: players.toSorted(byName), schools: schools.toSorted(byName) };
}

/** Which revision every record of the studio is of, and who wrote it. */
export async function revisionsOfStudio(): Promise<readonly Pick<RecordOf<StudioName>, 'id' | 'revision' | 'writtenBy'>[]> {
  const tables = [database.instruments.toArray(), database.players.toArray(), database.schools.toArray()] as const;
  return (await Promise.all(tables)).flat();
}

/** Takes a school away; players and pieces that follow it follow none, and a piece keeps its brief as it is. */
export async function deleteSchool(id: string): Promise<SaveOutcome> {
  const remove = async (): Promise<void> => {
    await database.schools.delete(id);
    await database.players.filter((player) => player.schoolId === id).modify({ schoolId: null });
    await untiePieces('schoolId', id);
  };
  return await written(() => together(remove));
}

/** Takes an instrument away; its pieces keep their brief as it is. */
export async function deleteInstrument(id: string): Promise<SaveOutcome> {
  const remove = async (): Promise<void> => {
    await database.instruments.delete(id);
    await database.players.filter((player) => player.instrumentId === id).modify({ instrumentId: null });
    await untiePieces('instrumentId', id);
  };
  return await written(() => together(remove));
}

/** Takes a player away; the pieces keep their brief as it is. */
export async function deletePlayer(id: string): Promise<SaveOutcome> {
  const remove = async (): Promise<void> => {
    await database.players.delete(id);
    await untiePieces('playerId', id);
  };
  return await written(() => together(remove));
}

/** The pieces that use an instrument, are for a player, or follow a school. */
export async function piecesUsing(field: keyof Uses, id: string): Promise<readonly PieceRecord[]> {
  return await database.pieces.filter((piece) => piece[field] === id).toArray();
}
