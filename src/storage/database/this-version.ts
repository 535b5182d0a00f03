import { DOCUMENT_KINDS, type Piece } from '#core/documents';
import type { PieceRecord } from '../../records/record.ts';

/** Tells whether this version of the application wrote a piece: it was checked then, and can be read as it is. */
export function isOfThisVersion(record: PieceRecord): boolean {
  const piece: Partial<Piece> | undefined = record.document;
  return piece?.format === DOCUMENT_KINDS.piece.format && piece.version === DOCUMENT_KINDS.piece.version && typeof piece.brief === 'object';
}
