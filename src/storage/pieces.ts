import type { Brief } from '#core/brief';
import { DOCUMENT_KINDS, headed, type Piece } from '#core/documents';
import { database, type PieceRecord } from './database.ts';

/** What a piece carries that the bench does not change. */
export interface CarriedAlong {
  /** Words it is found by, given under Pieces. */
  readonly tags: readonly string[];
  /** What it was written for, if it is a drill. */
  readonly drill: NonNullable<Piece['drill']> | null;
}

/** Nothing is carried along. */
export const NOTHING_ALONG: CarriedAlong = { tags: [], drill: null };

/** What a document carries along. */
export function carriedBy({ tags = [], drill }: Pick<Piece, 'tags' | 'drill'>): CarriedAlong {
  return { tags, drill: drill ?? null };
}

/** Makes a document from its parts. */
export function pieceOf(name: string, brief: Brief, lineText: string, { tags, drill }: CarriedAlong = NOTHING_ALONG): Piece {
  const told = {
    ...(lineText === '' ? {} : { lineText }),
    ...(tags.length === 0 ? {} : { tags: [...tags] }),
    ...(drill ? { drill } : {}),
  };
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
