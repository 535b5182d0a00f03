import { FIRST_BRIEF, lineTextOf } from '#core/brief/lines';
import type { Piece } from '#core/documents';
import type { PieceRecord } from '../storage/database.ts';
import { loadPiece, pieceOf } from '../storage/pieces.ts';
import { newPieceRecord } from '../storage/records.ts';
import { writeUnwritten } from '../storage/unwritten.ts';
import { CHANGED_ELSEWHERE, SET_ASIDE } from '../words/notices.ts';
import { say } from './notices.ts';
import { planningStore, UNPLANNED } from './planning.ts';
import { allSaved } from './saving.ts';
import { select } from './selection.ts';
import { forgetHistory } from './work-history.ts';
import { workStore } from './work.ts';

/** Opens a piece on the bench: the one asked for, else the last one worked on, else a new one. Returns its id. */
export async function openPiece(id: string | null): Promise<string> {
  await writeUnwritten();
  const record = (id === null ? null : await loadPiece(id)) ?? (await loadPiece(null));
  return record ? setOnBench(record) : newPiece();
}

/** Puts a new piece on the bench. It is written with its first change or name. */
export function newPiece(): string {
  return setOnBench(newPieceRecord(pieceOf('', FIRST_BRIEF, '')));
}

/** Puts another piece on the bench, once this one is written; its id. */
export async function switchPiece(id: string | null): Promise<string> {
  await allSaved();
  return id === null ? newPiece() : await openPiece(id);
}

/** Checks the piece on the bench once it is drawn; a damaged one was set aside, and a new one takes its place. */
export async function checkOpenPiece(): Promise<void> {
  const { pieceId } = workStore.getState();
  const { checkRecord } = await import('../storage/piece-list.ts');
  // What cannot be read at all was said when it was opened.
  if (pieceId === null || (await checkRecord(pieceId).catch(() => true))) return;
  newPiece();
  say(SET_ASIDE);
}

/** Renames the piece. */
export function renamePiece(name: string): void {
  workStore.setState({ name });
}

/** Takes over what another tab has written into this piece; undo goes back to what was here. */
export function takeOver({ document, instrumentId, playerId, changed, updatedAt }: PieceRecord): void {
  const { name, brief, lineText = '', tags = [] } = document;
  workStore.setState({ name, brief, lineText, instrumentId, playerId, changed, tags, writtenAt: updatedAt });
  say(CHANGED_ELSEWHERE);
}

/** The line as typed; written out anew for one that came without. */
function typedLine({ brief, lineText }: Piece): string {
  return lineText ?? (brief.material.kind === 'line' ? lineTextOf(brief) : '');
}

function setOnBench({ document, id, createdAt, updatedAt, demo, instrumentId, playerId, changed }: PieceRecord): string {
  const { name, brief, tags = [] } = document;
  const work = { name, brief, lineText: typedLine(document), instrumentId, playerId };
  planningStore.setState(UNPLANNED);
  select(null);
  say(null);
  workStore.setState({ ...work, pieceId: id, createdAt, writtenAt: updatedAt, demo, tags, changed, saving: { state: 'saved' } });
  forgetHistory();
  return id;
}
