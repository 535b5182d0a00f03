import { dequal } from 'dequal';
import { liveQuery } from 'dexie';
import type { Piece } from '#core/documents';
import { database, type PieceRecord } from '../../storage/database.ts';
import { pieceOf } from '../../storage/pieces.ts';
import { CHANGED_IN_BOTH } from '../../words/notices.ts';
import { say } from '../notices.ts';
import { adoptFromOtherTab } from './work-actions.ts';
import { workStore } from './work.ts';

/**
 * Keeps the piece on the bench in step with what another tab writes into it, until the returned function is called. What
 * is being changed here goes before what comes from there, and that is said.
 */
export function keepInStep(): () => void {
  let watching: { unsubscribe: () => void } | null = null;
  const watch = (id: string | null): void => {
    watching?.unsubscribe();
    watching =
      id === null
        ? null
        : liveQuery(() => database.pieces.get(id)).subscribe({ next: (record) => arrived(id, record), error: () => undefined });
  };
  watch(workStore.getState().pieceId);
  const stop = workStore.subscribe((now, before) => {
    if (now.pieceId !== before.pieceId) watch(now.pieceId);
  });
  return () => {
    stop();
    watching?.unsubscribe();
  };
}

function arrived(id: string, record: PieceRecord | undefined): void {
  const work = workStore.getState();
  if (work.pieceId !== id || !record || sameContent(record.document, pieceOf(work.name, work.brief, work.lineText, work.tags))) return;
  // What was written here a moment ago comes back too, older than what has been changed since.
  if (record.updatedAt <= work.writtenAt) return;
  if (work.saving.state === 'saved') adoptFromOtherTab(record);
  else say(CHANGED_IN_BOTH);
}

function sameContent(one: Piece, other: Piece): boolean {
  return dequal({ ...one, lineText: one.lineText ?? '' }, { ...other, lineText: other.lineText ?? '' });
}
