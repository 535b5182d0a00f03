import { documentToText, type InstrumentSheet, PLAYER_FORMAT, type PlayerSheet, readInstrumentText, readPlayerText } from '#core/format';
import type { Brief, PlayerProfile } from '#core/plan';
import type { Reading } from '#core/reading';
import { readInstrumentValue, readPlayerValue } from '../validation/setup-values.ts';
import { withInstrumentSpec, withProfile } from './brief-edits.ts';
import { database, type InstrumentRecord, type PieceRecord, type PlayerRecord } from './database.ts';
import { failureWords, type SaveOutcome } from './pieces.ts';

/** The instruments and players of the studio, by name. */
export interface Studio {
  readonly instruments: readonly InstrumentRecord[];
  readonly players: readonly PlayerRecord[];
}

/** Everything of the studio that can be read; damaged records are set aside, never dropped. */
export async function loadStudio(): Promise<Studio> {
  const [instruments, players] = await Promise.all([database.instruments.toArray(), database.players.toArray()]);
  const readInstruments = await Promise.all(
    instruments.map((record) =>
      readOrSetAside(record, readInstrumentText(documentToText(record.sheet), readInstrumentValue), database.instruments),
    ),
  );
  const readPlayers = await Promise.all(
    players.map((record) => readOrSetAside(record, readPlayerText(documentToText(record.sheet), readPlayerValue), database.players)),
  );
  return { instruments: byName(readInstruments), players: byName(readPlayers) };
}

/** Writes an instrument; the pieces that use it follow, and remember how they were until the teacher has looked. */
export async function saveInstrument(record: InstrumentRecord): Promise<SaveOutcome> {
  const checked = readInstrumentValue(record.sheet);
  if (!checked.ok) return { ok: false, message: checked.issues.map((issue) => issue.message).join(' ') };
  return await written(async () => {
    await database.instruments.put({ ...record, updatedAt: Date.now() });
    await follow('instrumentId', record.id, (brief) => withInstrumentSpec(brief, record.sheet.instrument));
  });
}

/** Writes a player; the pieces for this player follow, as with instruments. */
export async function savePlayer(record: PlayerRecord): Promise<SaveOutcome> {
  const checked = readPlayerValue(record.sheet);
  if (!checked.ok) return { ok: false, message: checked.issues.map((issue) => issue.message).join(' ') };
  return await written(async () => {
    const before = await database.players.get(record.id);
    await database.players.put({ ...record, updatedAt: Date.now() });
    await follow('playerId', record.id, (brief) => withProfile(brief, profileOf(record.sheet), before ? profileOf(before.sheet) : null));
  });
}

/** A player's profile with the name that briefs carry. */
export function profileOf({ name, profile }: PlayerSheet): PlayerProfile {
  return { ...profile, player: { ...profile.player, name } };
}

/** Takes an instrument away; its pieces keep their brief as it is. */
export async function deleteInstrument(id: string): Promise<SaveOutcome> {
  return await written(async () => {
    await database.instruments.delete(id);
    await database.players.filter((player) => player.instrumentId === id).modify({ instrumentId: null });
    await database.pieces.filter((piece) => piece.instrumentId === id).modify({ instrumentId: null });
  });
}

/** Takes a player away; the pieces keep their brief as it is. */
export async function deletePlayer(id: string): Promise<SaveOutcome> {
  return await written(async () => {
    await database.players.delete(id);
    await database.pieces.filter((piece) => piece.playerId === id).modify({ playerId: null });
  });
}

/** The pieces that use an instrument or are for a player. */
export async function piecesUsing(field: 'instrumentId' | 'playerId', id: string): Promise<readonly PieceRecord[]> {
  return await database.pieces.filter((piece) => piece[field] === id).toArray();
}

/** Reads an instrument or a player from a file's text; what it is, the file says. */
export function readStudioFile(text: string): Reading<InstrumentSheet> | Reading<PlayerSheet> {
  return text.includes(PLAYER_FORMAT) ? readPlayerText(text, readPlayerValue) : readInstrumentText(text, readInstrumentValue);
}

async function follow(field: 'instrumentId' | 'playerId', id: string, change: (brief: Brief) => Brief): Promise<void> {
  await database.pieces
    .filter((piece) => piece[field] === id)
    .modify((piece: { -readonly [Field in keyof PieceRecord]: PieceRecord[Field] }) => {
      const { brief } = piece.piece;
      const next = change(brief);
      if (JSON.stringify(next) === JSON.stringify(brief)) return;
      piece.changed = { before: piece.changed?.before ?? brief };
      piece.piece = { ...piece.piece, brief: next };
    });
}

async function written(work: () => Promise<void>): Promise<SaveOutcome> {
  try {
    await database.transaction('rw', database.instruments, database.players, database.pieces, work);
    return { ok: true };
  } catch (error) {
    return { ok: false, message: failureWords(error) };
  }
}

async function readOrSetAside<Sheet, Entry extends { readonly id: string; readonly sheet: Sheet }>(
  record: Entry,
  reading: Reading<Sheet>,
  table: { readonly delete: (id: string) => PromiseLike<void> },
): Promise<Entry | null> {
  if (reading.ok) return { ...record, sheet: reading.value };
  await database.setAside.put({ id: record.id, record, reason: reading.issues.map((issue) => issue.message).join(' '), at: Date.now() });
  await table.delete(record.id);
  return null;
}

function byName<Entry extends { readonly sheet: { readonly name: string } }>(records: readonly (Entry | null)[]): readonly Entry[] {
  return records.filter((record) => record !== null).toSorted((one, other) => one.sheet.name.localeCompare(other.sheet.name));
}
