import { documentToText, type Piece, readPieceText } from '#core/format';
import type { Issue, Reading } from '#core/reading';
import { readPieceValue } from '../validation/piece-value.ts';
import { database, type PieceRecord } from './database.ts';

/** All pieces that can be read, newest first, and how many had to be set aside. */
export interface PieceList {
  readonly records: readonly PieceRecord[];
  readonly setAside: number;
}

/** Whether a stored piece passes its check; one that does not is set aside, never dropped. */
export async function checkRecord(id: string): Promise<boolean> {
  const record = await database.pieces.get(id);
  return record === undefined || (await readOrSetAside(record)) !== null;
}

/** Reads all pieces; records that do not pass are set aside and counted, never dropped. */
export async function loadRecords(): Promise<PieceList> {
  const stored = await database.pieces.orderBy('updatedAt').reverse().toArray();
  const read = await Promise.all(stored.map(readOrSetAside));
  return { records: read.filter((record) => record !== null), setAside: await database.setAside.count() };
}

/** The names of all pieces, newest first. */
export async function loadPieceNames(): Promise<readonly { readonly id: string; readonly name: string }[]> {
  const stored = await database.pieces.orderBy('updatedAt').reverse().toArray();
  return stored.map(({ id, piece }) => ({ id, name: piece.name === '' ? 'unnamed' : piece.name }));
}

/** Removes a piece. */
export async function deleteRecord(id: string): Promise<void> {
  await database.pieces.delete(id);
}

/** Reads a piece from a file's text. */
export async function readPieceFile(text: string): Promise<Reading<Piece>> {
  return readPieceText(text, readPieceValue);
}

/** Writes a record that was left as text, if it is a sound one and newer than the one there. */
export async function putUnwritten(text: string): Promise<void> {
  const left = parsed(text);
  if (!isRecord(left) || !readPieceValue(left.piece).ok) return;
  const there = await database.pieces.get(left.id);
  if (!there || there.updatedAt < left.updatedAt) await database.pieces.put(left);
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}

function isRecord(value: unknown): value is PieceRecord {
  return typeof value === 'object' && value !== null && 'id' in value && 'piece' in value && 'updatedAt' in value;
}

/** Everything that was set aside, as text to download. */
export async function setAsideText(): Promise<string> {
  return JSON.stringify(await database.setAside.toArray(), null, 2);
}

/** A stored piece as it reads; one that does not is set aside, and null. */
export async function readOrSetAside(record: PieceRecord): Promise<PieceRecord | null> {
  const reading = await readPieceFile(textOf(record));
  if (reading.ok) return { ...record, piece: reading.value };
  const reason = reading.issues.map((issue: Issue) => issue.message).join(' ');
  await database.transaction('rw', database.pieces, database.setAside, async () => {
    await database.setAside.put({ id: record.id, record, reason, at: Date.now() });
    await database.pieces.delete(record.id);
  });
  return null;
}

/** A record of an older version, or a damaged one, may hold no piece at all. */
function textOf(record: PieceRecord): string {
  const piece: Piece | undefined = record.piece;
  return piece === undefined ? 'null' : documentToText(piece);
}
