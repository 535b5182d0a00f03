import type { Brief } from '#core/brief';
import { DOCUMENT_KINDS, headed, type Piece } from '#core/documents';
import { database, type PieceRecord } from './database.ts';

/** Makes a document from its parts. */
export function pieceOf(name: string, brief: Brief, lineText: string, tags: readonly string[] = []): Piece {
  const told = { ...(lineText === '' ? {} : { lineText }), ...(tags.length === 0 ? {} : { tags: [...tags] }) };
  return headed(DOCUMENT_KINDS.piece, { name, brief, ...told });
}

/**
 * Reads one piece, the newest without an id; null when there is none, or when it had to be set aside. A piece that this
 * version wrote was checked then and opens at once: `checkRecord` looks at it again when the bench is drawn.
 */
export async function loadPiece(id: string | null): Promise<PieceRecord | null> {
  const record = id === null ? await database.pieces.orderBy('updatedAt').last() : await database.pieces.get(id);
  if (!record) return null;
  return isOfThisVersion(record) ? record : await (await import('./set-aside.ts')).readOrSetAside('piece', record);
}

/** When a piece was last changed, ms since 1970; 0 where there is none, or nothing to read. */
export async function newestChange(): Promise<number> {
  const newest = await database.pieces
    .orderBy('updatedAt')
    .last()
    .catch(() => undefined);
  return newest?.updatedAt ?? 0;
}

function isOfThisVersion(record: PieceRecord): boolean {
  const piece: Partial<Piece> | undefined = record.document;
  return piece?.format === DOCUMENT_KINDS.piece.format && piece.version === DOCUMENT_KINDS.piece.version && typeof piece.brief === 'object';
}
