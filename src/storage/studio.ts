import { dequal } from 'dequal';
import type { Brief, PlayerProfile } from '#core/brief';
import { withInstrumentSpec, withProfile, withSchool } from '#core/brief/edits';
import type { School } from '#core/brief/parts/school';
import { DOCUMENT_KINDS, headed, type InstrumentDocument, type PlayerDocument, type SchoolDocument } from '#core/documents';
import type { InstrumentSpec } from '#core/instrument';
import { database, type InstrumentRecord, type PieceRecord, type PlayerRecord, type SchoolRecord, type Uses } from './database.ts';
import { profileOf, schoolOf } from './for-briefs.ts';
import { type SaveOutcome, saveRecord, together, written } from './records.ts';
import { loadAll } from './set-aside.ts';

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

/** Writes an instrument; the pieces that use it follow, and remember how they were until the teacher has looked. */
export async function saveInstrument(record: InstrumentRecord): Promise<SaveOutcome> {
  const write = async (): Promise<void> => {
    await database.instruments.put({ ...record, updatedAt: Date.now() });
    await follow('instrumentId', record.id, (brief) => withInstrumentSpec(brief, record.document.instrument));
  };
  return await saveRecord('instrument', record, () => together(write));
}

/** Writes a player; the pieces for this player follow, as with instruments. */
export async function savePlayer(record: PlayerRecord): Promise<SaveOutcome> {
  const write = async (): Promise<void> => {
    const before = await database.players.get(record.id);
    await database.players.put({ ...record, updatedAt: Date.now() });
    await follow('playerId', record.id, (brief) =>
      withProfile(brief, profileOf(record.document), before ? profileOf(before.document) : null),
    );
    if (before?.schoolId !== record.schoolId) await teach('playerId', record.id, record.schoolId);
  };
  return await saveRecord('player', record, () => together(write));
}

/** Writes a school; the pieces that follow it are taught so from now on, as with instruments. */
export async function saveSchool(record: SchoolRecord): Promise<SaveOutcome> {
  const write = async (): Promise<void> => {
    await database.schools.put({ ...record, updatedAt: Date.now() });
    await follow('schoolId', record.id, (brief) => withSchool(brief, schoolOf(record.document)));
  };
  return await saveRecord('school', record, () => together(write));
}

/** The pieces of a player follow another school, or none. */
async function teach(field: keyof Uses, id: string, schoolId: string | null): Promise<void> {
  const school = schoolId === null ? undefined : await database.schools.get(schoolId);
  await follow(field, id, (brief) => withSchool(brief, school ? schoolOf(school.document) : null));
  await database.pieces.filter((piece) => piece[field] === id).modify({ schoolId });
}

/** Takes a school away; players and pieces that follow it follow none, and a piece keeps its brief as it is. */
export async function deleteSchool(id: string): Promise<SaveOutcome> {
  const remove = async (): Promise<void> => {
    await database.schools.delete(id);
    await database.players.filter((player) => player.schoolId === id).modify({ schoolId: null });
    await database.pieces.filter((piece) => piece.schoolId === id).modify({ schoolId: null });
  };
  return await written(() => together(remove));
}

/** Takes an instrument away; its pieces keep their brief as it is. */
export async function deleteInstrument(id: string): Promise<SaveOutcome> {
  const remove = async (): Promise<void> => {
    await database.instruments.delete(id);
    await database.players.filter((player) => player.instrumentId === id).modify({ instrumentId: null });
    await database.pieces.filter((piece) => piece.instrumentId === id).modify({ instrumentId: null });
  };
  return await written(() => together(remove));
}

/** Takes a player away; the pieces keep their brief as it is. */
export async function deletePlayer(id: string): Promise<SaveOutcome> {
  const remove = async (): Promise<void> => {
    await database.players.delete(id);
    await database.pieces.filter((piece) => piece.playerId === id).modify({ playerId: null });
  };
  return await written(() => together(remove));
}

/** The pieces that use an instrument, are for a player, or follow a school. */
export async function piecesUsing(field: keyof Uses, id: string): Promise<readonly PieceRecord[]> {
  return await database.pieces.filter((piece) => piece[field] === id).toArray();
}

async function follow(field: keyof Uses, id: string, change: (brief: Brief) => Brief): Promise<void> {
  await database.pieces
    .filter((piece) => piece[field] === id)
    .modify((piece: { -readonly [Field in keyof PieceRecord]: PieceRecord[Field] }) => {
      const { brief } = piece.document;
      const next = change(brief);
      if (dequal(next, brief)) return;
      piece.changed = { before: piece.changed?.before ?? brief };
      piece.document = { ...piece.document, brief: next };
    });
}

type StudioRecord = InstrumentRecord | PlayerRecord | SchoolRecord;

function byName(one: StudioRecord, other: StudioRecord): number {
  return one.document.name.localeCompare(other.document.name);
}
