import type { PlayerProfile } from '#core/brief';
import type { School } from '#core/brief/parts/school';
import {
  DOCUMENT_KINDS,
  type DocumentName,
  headed,
  type InstrumentDocument,
  type PlayerDocument,
  type SchoolDocument,
} from '#core/documents';
import type { InstrumentSpec } from '#core/instrument';
import {
  database,
  type InstrumentRecord,
  type PieceRecord,
  type PlayerRecord,
  type RecordOf,
  type SchoolRecord,
  type Uses,
} from './database.ts';
import { untiePieces } from './writing/follow.ts';
import type { SaveOutcome } from './records.ts';
import { together } from './writing/together.ts';
import { written } from './writing/written.ts';
import { loadAll } from './set-aside.ts';

/** The kinds of documents that pieces use. */
export type StudioName = Extract<KeptName, 'instrument' | 'player' | 'school'>;

/** The kinds of documents that are not pieces. */
export type KeptName = Exclude<DocumentName, 'piece'>;

/** The instruments, players and schools of the studio, by name. */
export interface Studio {
  readonly instruments: readonly InstrumentRecord[];
  readonly players: readonly PlayerRecord[];
  readonly schools: readonly SchoolRecord[];
}

/** An instrument as a document. */
export function instrumentDocument(name: string, instrument: InstrumentSpec): InstrumentDocument {
  return headed(DOCUMENT_KINDS.instrument, { name, instrument });
}

/** A player as a document. */
export function playerDocument(name: string, profile: PlayerProfile): PlayerDocument {
  return headed(DOCUMENT_KINDS.player, { name, profile });
}

/** A school as a document. */
export function schoolDocument(name: string, school: School): SchoolDocument {
  return headed(DOCUMENT_KINDS.school, { name, school });
}

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

function byName(one: RecordOf<StudioName>, other: RecordOf<StudioName>): number {
  return one.document.name.localeCompare(other.document.name);
}
