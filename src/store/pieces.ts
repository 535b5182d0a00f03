import { type Piece, PIECE_FORMAT, PIECE_VERSION } from '#core/format';
import type { Brief } from '#core/plan';
import { database, type PieceRecord, type Uses } from './database.ts';

/** What went wrong with a write, for people. */
export type SaveOutcome = { readonly ok: true } | { readonly ok: false; readonly message: string };

/** Makes a document from its parts. */
export function pieceOf(name: string, brief: Brief, lineText: string, tags: readonly string[] = []): Piece {
  const told = { ...(lineText === '' ? {} : { lineText }), ...(tags.length === 0 ? {} : { tags: [...tags] }) };
  return { format: PIECE_FORMAT, version: PIECE_VERSION, name, brief, ...told };
}

/** Makes a record under a new id. */
export function newRecord(piece: Piece, demo = false, uses: Uses = { instrumentId: null, playerId: null }): PieceRecord {
  const now = Date.now();
  return { id: crypto.randomUUID(), piece, createdAt: now, updatedAt: now, demo, ...uses, changed: null };
}

/** Writes a record after checking its piece against the schema. Never throws: a full disk is an outcome. */
export async function saveRecord(record: PieceRecord): Promise<SaveOutcome> {
  // The check of documents comes when it is first needed: the bench draws its staff without it.
  const { readPieceValue } = await import('../validation/piece-value.ts');
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
  return isOfThisVersion(record) ? record : await (await import('./piece-files.ts')).readOrSetAside(record);
}

function isOfThisVersion(record: PieceRecord): boolean {
  const piece: Partial<Piece> | undefined = record.piece;
  return piece?.format === PIECE_FORMAT && piece.version === PIECE_VERSION && typeof piece.brief === 'object';
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
