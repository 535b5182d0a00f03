import { type Piece, PIECE_FORMAT, PIECE_VERSION, documentToText, readPieceText } from '#core/format';
import type { Brief } from '#core/plan';
import type { Issue, Reading } from '#core/reading';
import { database, type PieceRecord, type Uses } from './database.ts';

/** The check of documents comes when it is first needed: the bench draws its staff without it. */
const validation = (): Promise<typeof import('../validation/piece-value.ts')> => import('../validation/piece-value.ts');

/** What went wrong with a write, for people. */
export type SaveOutcome = { readonly ok: true } | { readonly ok: false; readonly message: string };

/** All pieces that can be read, newest first, and how many had to be set aside. */
export interface PieceList {
  readonly records: readonly PieceRecord[];
  readonly setAside: number;
}

/** Makes a document from its parts. */
export function pieceOf(name: string, brief: Brief, lineText: string): Piece {
  return { format: PIECE_FORMAT, version: PIECE_VERSION, name, brief, ...(lineText === '' ? {} : { lineText }) };
}

/** Makes a record under a new id. */
export function newRecord(piece: Piece, demo = false, uses: Uses = { instrumentId: null, playerId: null }): PieceRecord {
  const now = Date.now();
  return { id: crypto.randomUUID(), piece, createdAt: now, updatedAt: now, demo, ...uses, changed: null };
}

/** Writes a record after checking its piece against the schema. Never throws: a full disk is an outcome. */
export async function saveRecord(record: PieceRecord): Promise<SaveOutcome> {
  const { readPieceValue } = await validation();
  const checked = readPieceValue(record.piece);
  if (!checked.ok) return { ok: false, message: checked.issues.map((issue) => issue.message).join(' ') };
  try {
    await database.pieces.put(record);
    return { ok: true };
  } catch (error) {
    return { ok: false, message: failureWords(error) };
  }
}

/**
 * Reads one piece, the newest without an id; null when there is none, or when it had to be set aside. A piece that this
 * version wrote was checked then and opens at once: `checkRecord` looks at it again when the bench is drawn.
 */
export async function loadRecord(id: string | null): Promise<PieceRecord | null> {
  const record = id === null ? await database.pieces.orderBy('updatedAt').last() : await database.pieces.get(id);
  if (!record) return null;
  return isOfThisVersion(record) ? record : await readOrSetAside(record);
}

/** Whether a stored piece passes its check; one that does not is set aside, never dropped. */
export async function checkRecord(id: string): Promise<boolean> {
  const record = await database.pieces.get(id);
  return record === undefined || (await readOrSetAside(record)) !== null;
}

function isOfThisVersion(record: PieceRecord): boolean {
  const piece: Partial<Piece> | undefined = record.piece;
  return piece?.format === PIECE_FORMAT && piece.version === PIECE_VERSION && typeof piece.brief === 'object';
}

/** Reads all pieces; records that do not pass are set aside and counted, never dropped. */
export async function loadRecords(): Promise<PieceList> {
  const stored = await database.pieces.orderBy('updatedAt').reverse().toArray();
  const read = await Promise.all(stored.map(readOrSetAside));
  return { records: read.filter((record) => record !== null), setAside: await database.setAside.count() };
}

/** Removes a piece. */
export async function deleteRecord(id: string): Promise<void> {
  await database.pieces.delete(id);
}

/** Reads a piece from a file's text. */
export async function readPieceFile(text: string): Promise<Reading<Piece>> {
  const { readPieceValue } = await validation();
  return readPieceText(text, readPieceValue);
}

/** Everything that was set aside, as text to download. */
export async function setAsideText(): Promise<string> {
  return JSON.stringify(await database.setAside.toArray(), null, 2);
}

async function readOrSetAside(record: PieceRecord): Promise<PieceRecord | null> {
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

/** Why a write failed, for people. */
export function failureWords(error: unknown): string {
  const name = error instanceof Error ? error.name : '';
  const inner = error instanceof Error && 'inner' in error && error.inner instanceof Error ? error.inner.name : '';
  if (name === 'QuotaExceededError' || inner === 'QuotaExceededError') {
    return 'The browser’s storage is full, so the last change is not saved. It is still here: download the piece as JSON, or delete pieces you no longer need.';
  }
  return `The last change could not be saved (${name || 'unknown error'}). It is still here: download the piece as JSON before you close the page.`;
}
