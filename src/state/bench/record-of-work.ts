import type { PieceRecord } from '../../records/record.ts';
import { pieceOf } from '../../records/piece-documents.ts';
import { THIS_TAB } from '../../records/this-tab.ts';
import { workWithDrafts } from './drafts.ts';
import { workStore } from './work.ts';

/** Makes the record of the work, with the drafts of its fields; null while there is no piece. */
export function recordOfWork(): PieceRecord | null {
  const { pieceId, createdAt, demo, changed, tags, drill, inBook, sheet, base } = workStore.getState();
  const { name, brief, lineText, instrumentId, playerId, schoolId } = workWithDrafts();
  if (pieceId === null) return null;
  const document = pieceOf(name, brief, lineText, { tags, drill, inBook, sheet });
  const kept = { id: pieceId, createdAt, updatedAt: Date.now(), demo, revision: base?.revision ?? 0, writtenBy: THIS_TAB };
  return { ...kept, document, instrumentId, playerId, schoolId, changed };
}
