import { liveQuery } from 'dexie';
import type { Piece } from '#core/format';
import { benchStore } from './bench-store.ts';
import { takeOver } from './bench-work.ts';
import { database, type PieceRecord } from './database.ts';
import { pieceOf } from './pieces.ts';

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
  watch(benchStore.getState().pieceId);
  const stop = benchStore.subscribe((now, before) => {
    if (now.pieceId !== before.pieceId) watch(now.pieceId);
  });
  return () => {
    stop();
    watching?.unsubscribe();
  };
}

function arrived(id: string, record: PieceRecord | undefined): void {
  const bench = benchStore.getState();
  if (bench.pieceId !== id || !record || sameContent(record.piece, pieceOf(bench.name, bench.brief, bench.lineText, bench.tags))) return;
  // What was written here a moment ago comes back too, older than what has been changed since.
  if (record.updatedAt <= bench.writtenAt) return;
  if (bench.saving.state === 'saved') takeOver(record);
  else benchStore.setState({ notice: 'This piece is being changed in another tab, too: what was changed here last is kept.' });
}

function sameContent(one: Piece, other: Piece): boolean {
  return JSON.stringify({ ...one, lineText: one.lineText ?? '' }) === JSON.stringify({ ...other, lineText: other.lineText ?? '' });
}
