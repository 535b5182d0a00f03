import type { Piece } from '#core/format';
import type { Relaxed } from '#core/plan';
import type { Issue } from '#core/reading';
import { OVERTAKEN, planner } from '../workers/client.ts';
import { type Bench, benchStore, JUST_OPENED, sameWork, type Work } from './bench-store.ts';
import { FIRST_BRIEF } from './brief-reading.ts';
import { database, type PieceRecord } from './database.ts';
import { loadRecord, newRecord, pieceOf, saveRecord } from './pieces.ts';
import { forgetUnwritten, keepUnwritten, writeUnwritten } from './unwritten.ts';

/** Opens a piece on the bench: the one asked for, else the last one worked on, else a new one. Returns its id. */
export async function openPiece(id: string | null): Promise<string> {
  await writeUnwritten();
  const record = (id === null ? null : await loadRecord(id)) ?? (await loadRecord(null));
  return record ? setOnBench(record, await lineTextOf(record.piece)) : newPiece();
}

/** Brings the players and instruments of the studio, to choose from. */
export async function bringStudio(): Promise<void> {
  const [instruments, players] = await Promise.all([database.instruments.toArray(), database.players.toArray()]);
  benchStore.setState({ instruments, players });
}

/** Checks the piece on the bench once it is drawn; a damaged one was set aside, and a new one takes its place. */
export async function checkOpenPiece(): Promise<void> {
  const { pieceId } = benchStore.getState();
  const { checkRecord } = await import('./piece-files.ts');
  // What cannot be read at all was said when it was opened.
  if (pieceId === null || (await checkRecord(pieceId).catch(() => true))) return;
  newPiece();
  benchStore.setState({ notice: 'The piece could not be read and was set aside; it is listed under Pieces.' });
}

/** Puts a new piece on the bench. It is written with its first change or name. */
export function newPiece(): string {
  return setOnBench(newRecord(pieceOf('', FIRST_BRIEF, '')), '');
}

/** Renames the piece. */
export function renamePiece(name: string): void {
  benchStore.setState({ name });
}

/** Names the player: one the studio may not know. */
export function namePlayer(name: string): void {
  const { brief } = benchStore.getState();
  benchStore.setState({ brief: { ...brief, player: { ...brief.player, name } }, playerId: null });
}

/** Selects a note of the line; null selects none. */
export function select(note: number | null): void {
  benchStore.setState({ selected: note, stretchFrom: null });
}

/** Selects the stretch from the note selected before to this one. */
export function selectTo(note: number): void {
  const { selected, stretchFrom } = benchStore.getState();
  benchStore.setState({ selected: note, stretchFrom: stretchFrom ?? selected ?? note });
}

/** Takes a notice away. */
export function dismissNotice(): void {
  benchStore.setState({ notice: null });
}

/** Steps back and forward over the teacher's decisions. */
export function undo(): void {
  benchStore.temporal.getState().undo();
}

export function redo(): void {
  benchStore.temporal.getState().redo();
}

/** Plans whenever the brief changes and saves whenever the work does, until the returned function is called. */
export function keepWorking(): () => void {
  void planNow();
  const stop = benchStore.subscribe((now, before) => {
    if (needsPlanning(now, before)) void planNow();
    if (now.pieceId === before.pieceId && !sameWork(now, before) && now.writtenAt === before.writtenAt) saver.workChanged();
  });
  const leave = (): void => saver.leave();
  window.addEventListener('pagehide', leave);
  document.addEventListener('visibilitychange', leave);
  return () => {
    stop();
    window.removeEventListener('pagehide', leave);
    document.removeEventListener('visibilitychange', leave);
  };
}

/** A new brief needs a plan, unless it came with one; words of trouble need another look when brief or typed line go back. */
function needsPlanning(now: Bench, before: Bench): boolean {
  if (now.brief !== before.brief) return now.plannedBrief !== now.brief || now.issues.length > 0;
  return now.lineText !== before.lineText;
}

/** Taking over a longer plan from the worker takes the page so long that drawing it waits for a task of its own, notes. */
const LONG_LINE = 400;

function anotherTask(): Promise<void> {
  return new Promise((resolve) => {
    const channel = new MessageChannel();
    channel.port1.onmessage = () => resolve();
    channel.port2.postMessage(null);
  });
}

async function planNow(): Promise<void> {
  const { brief, lineText } = benchStore.getState();
  const typed =
    brief.material.kind === 'line' && lineText.trim() !== '' ? (await import('./brief-edits.ts')).readLineText(brief, lineText) : null;
  const answer = await planner.plan(brief, (progress) => {
    if (benchStore.getState().brief === brief && benchStore.getState().plannedBrief !== brief) benchStore.setState({ progress });
  });
  if (answer === OVERTAKEN || benchStore.getState().brief !== brief) return;
  if (!answer.ok) return showFailure(typed && !typed.ok ? typed.issues : answer.issues, answer.relaxed);
  const issues = typed && !typed.ok ? typed.issues : [];
  if (answer.value.best.notes.length > LONG_LINE) await anotherTask();
  if (benchStore.getState().brief !== brief) return;
  benchStore.setState({ planSet: answer.value, plannedBrief: brief, issues, relaxed: null, progress: null });
}

/** What cannot be planned is said; where letting go of one limit helps, the plan it gives is shown. */
function showFailure(issues: readonly Issue[], relaxed: Relaxed | null): void {
  benchStore.setState({ issues, relaxed, progress: null });
  if (relaxed) benchStore.setState({ planSet: { best: relaxed.plan, alternatives: [] }, plannedBrief: null });
}

/** Gives up a plan that takes too long; the last one stays. */
export function stopPlanning(): void {
  planner.stop();
  benchStore.setState({ progress: null, issues: [], notice: 'Planning was stopped. Change the brief to plan again.' });
}

/** How long a change waits for the next before it is written, ms: drawing the plan goes first. */
const SAVE_AFTER_MS = 150;

/** Writes the work as it changes: one write at a time, and after it another if the work has changed meanwhile. */
class Saver {
  private writing = false;
  private changed = false;
  private timer = 0;
  private written: Promise<void> = Promise.resolve();

  workChanged(): void {
    this.changed = true;
    clearTimeout(this.timer);
    this.timer = window.setTimeout(() => this.flush(), SAVE_AFTER_MS);
    if (benchStore.getState().saving.state !== 'saving') benchStore.setState({ saving: { state: 'saving' } });
  }

  /** The page may be gone before the database has written: what waits is left where the next start finds it. */
  leave(): void {
    const record = this.changed || this.writing ? recordOfBench() : null;
    if (record) keepUnwritten(record);
    this.flush();
  }

  /** Writes at once what waits to be written. */
  flush(): void {
    if (this.changed && !this.writing) this.written = this.write();
  }

  /** Writes what waits, and resolves when it is written. */
  async settled(): Promise<void> {
    this.flush();
    await this.written;
  }

  private async write(): Promise<void> {
    this.writing = true;
    while (this.changed) {
      this.changed = false;
      const record = recordOfBench();
      // Known before it is written, so that what comes back from the database is known as our own.
      if (record) benchStore.setState({ writtenAt: record.updatedAt });
      const outcome = record ? await saveRecord(record) : { ok: true as const };
      if (outcome.ok) forgetUnwritten();
      if (!this.changed) benchStore.setState({ saving: outcome.ok ? { state: 'saved' } : { state: 'failed', message: outcome.message } });
    }
    this.writing = false;
  }
}

const saver = new Saver();

/** Puts another piece on the bench, once this one is written; its id. */
export async function switchPiece(id: string | null): Promise<string> {
  await saver.settled();
  return id === null ? newPiece() : openPiece(id);
}

/** Takes over what another tab has written into this piece; undo goes back to what was here. */
export function takeOver({ piece, instrumentId, playerId, changed, updatedAt }: PieceRecord): void {
  const { name, brief, lineText = '' } = piece;
  const notice = 'This piece was changed in another tab; this is how it is now. Undo goes back to how it was here.';
  benchStore.setState({ name, brief, lineText, instrumentId, playerId, changed, tags: piece.tags ?? [], writtenAt: updatedAt, notice });
}

/** The work has changed and is to be written. */
export function workChanged(): void {
  saver.workChanged();
}

function recordOfBench(): PieceRecord | null {
  const { pieceId, name, brief, lineText, createdAt, demo, instrumentId, playerId, changed, tags } = benchStore.getState();
  if (pieceId === null) return null;
  const piece = pieceOf(name, brief, lineText, tags);
  return { id: pieceId, piece, createdAt, updatedAt: Date.now(), demo, instrumentId, playerId, changed };
}

/** The line as typed; written out anew for one that came without. */
async function lineTextOf({ brief, lineText }: Piece): Promise<string> {
  if (lineText !== undefined || brief.material.kind !== 'line') return lineText ?? '';
  return (await import('./brief-edits.ts')).lineTextOf(brief);
}

function setOnBench(record: PieceRecord, lineText: string): string {
  const { name, brief } = record.piece;
  const { id, createdAt, demo, instrumentId, playerId, changed } = record;
  const work: Work = { name, brief, lineText, instrumentId, playerId };
  const tags = record.piece.tags ?? [];
  benchStore.setState({ ...JUST_OPENED, ...work, pieceId: id, createdAt, writtenAt: record.updatedAt, demo, tags, changed });
  benchStore.temporal.getState().clear();
  return id;
}
