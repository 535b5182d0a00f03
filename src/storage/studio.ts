import { dequal } from 'dequal';
import type { Brief, PlayerProfile } from '#core/brief';
import { withInstrumentSpec, withProfile } from '#core/brief/edits';
import { DOCUMENT_KINDS, headed, type InstrumentSheet, type PlayerSheet } from '#core/documents';
import type { InstrumentSpec } from '#core/instrument';
import { database, type InstrumentRecord, type PieceRecord, type PlayerRecord } from './database.ts';
import { type SaveOutcome, saveRecord, together, written } from './records.ts';
import { loadAll } from './set-aside.ts';

/** The instruments and players of the studio, by name. */
export interface Studio {
  readonly instruments: readonly InstrumentRecord[];
  readonly players: readonly PlayerRecord[];
}

/** An instrument as a document. */
export function instrumentSheet(name: string, instrument: InstrumentSpec): InstrumentSheet {
  return headed(DOCUMENT_KINDS.instrument, { name, instrument });
}

/** A player as a document. */
export function playerSheet(name: string, profile: PlayerProfile): PlayerSheet {
  return headed(DOCUMENT_KINDS.player, { name, profile });
}

/** Everything of the studio that can be read; damaged records are set aside. */
export async function loadStudio(): Promise<Studio> {
  const [instruments, players] = await Promise.all([loadAll('instrument'), loadAll('player')]);
  return { instruments: instruments.toSorted(byName), players: players.toSorted(byName) };
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
  };
  return await saveRecord('player', record, () => together(write));
}

/** A player's profile with the name that briefs carry. */
export function profileOf({ name, profile }: PlayerSheet): PlayerProfile {
  return { ...profile, player: { ...profile.player, name } };
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

/** The pieces that use an instrument or are for a player. */
export async function piecesUsing(field: 'instrumentId' | 'playerId', id: string): Promise<readonly PieceRecord[]> {
  return await database.pieces.filter((piece) => piece[field] === id).toArray();
}

async function follow(field: 'instrumentId' | 'playerId', id: string, change: (brief: Brief) => Brief): Promise<void> {
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

function byName(one: InstrumentRecord | PlayerRecord, other: InstrumentRecord | PlayerRecord): number {
  return one.document.name.localeCompare(other.document.name);
}
