import { type Alternative, type Brief, carryLocks, type Lock, lockOf, type Relaxed, withLock, withoutLock } from '#core/plan';
import type { Issue } from '#core/reading';
import { OVERTAKEN, planner } from '../workers/client.ts';
import { type Bench, benchStore, sameWork, type Work } from './bench-store.ts';
import { FIRST_BRIEF, lineTextOf, readLineText, withInstrumentSpec, withProfile } from './brief-edits.ts';
import { database, type InstrumentRecord, type PieceRecord, type PlayerRecord } from './database.ts';
import { checkRecord, loadRecord, newRecord, pieceOf, saveRecord } from './pieces.ts';

/** Opens a piece on the bench: the one asked for, else the last one worked on, else a new one. Returns its id. */
export async function openPiece(id: string | null): Promise<string> {
  const record = (id === null ? null : await loadRecord(id)) ?? (await loadRecord(null));
  return record ? setOnBench(record) : newPiece();
}

/** Brings the players and instruments of the studio, to choose from. */
export async function bringStudio(): Promise<void> {
  const [instruments, players] = await Promise.all([database.instruments.toArray(), database.players.toArray()]);
  benchStore.setState({ instruments, players });
}

/** Checks the piece on the bench once it is drawn; a damaged one was set aside, and a new one takes its place. */
export async function checkOpenPiece(): Promise<void> {
  const { pieceId } = benchStore.getState();
  if (pieceId === null || (await checkRecord(pieceId))) return;
  newPiece();
  benchStore.setState({ notice: 'The piece could not be read and was set aside; it is listed under Pieces.' });
}

/** Puts a new piece on the bench. It is written with its first change or name. */
export function newPiece(): string {
  return setOnBench(newRecord(pieceOf('', FIRST_BRIEF, '')));
}

/** Changes the brief: locks that no longer fit their note go, and that is said. */
export function changeBrief(change: (brief: Brief) => Brief): void {
  const { brief, instrumentId, playerId } = benchStore.getState();
  const changed = change(brief);
  const sameHand = changed.player?.name === brief.player?.name && changed.player?.hand === brief.player?.hand;
  // An instrument or hand described otherwise is no longer the one the studio keeps.
  setBrief(changed, changed.instrument === brief.instrument ? instrumentId : null, sameHand ? playerId : null);
}

function setBrief(changed: Brief, instrumentId: string | null, playerId: string | null): void {
  const carried = carryLocks(benchStore.getState().brief, changed);
  const notice = carried.dropped === 0 ? null : droppedWords(carried.dropped);
  benchStore.setState({ brief: carried.brief, notice, instrumentId, playerId });
}

/** Plays the piece on an instrument of the studio. */
export function takeInstrument({ id, sheet }: InstrumentRecord): void {
  const { brief, playerId } = benchStore.getState();
  const moved = withInstrumentSpec(brief, sheet.instrument);
  setBrief(moved, id, moved.instrument.kind === brief.instrument.kind ? playerId : null);
  readLineAgain();
}

/** Leaves the instrument as it is, described in the brief alone: later changes in the studio no longer reach this piece. */
export function describeInstrument(): void {
  benchStore.setState({ instrumentId: null });
}

/** Gives the piece to a player of the studio, on this player's own instrument if there is one. */
export function takePlayer({ id, sheet, instrumentId }: PlayerRecord): void {
  const bench = benchStore.getState();
  const own = bench.instruments.find((instrument) => instrument.id === instrumentId);
  const given = withProfile(bench.brief, { ...sheet.profile, player: { ...sheet.profile.player, name: sheet.name } });
  const sameKind = given.instrument.kind === bench.brief.instrument.kind;
  setBrief(own ? withInstrumentSpec(given, own.sheet.instrument) : given, own?.id ?? (sameKind ? bench.instrumentId : null), id);
  readLineAgain();
}

/** Names the player; a name of the studio brings that player with it. */
export function namePlayer(name: string): void {
  const known = benchStore.getState().players.find((player) => player.sheet.name === name);
  if (known) takePlayer(known);
  else changeBrief((now) => ({ ...now, player: { ...now.player, name } }));
}

/** Takes note of what an instrument or player changed; or goes back to the brief as it was, no longer tied to them. */
export function settleChange(keep: 'new' | 'old'): void {
  const { changed } = benchStore.getState();
  if (changed && keep === 'old') setBrief(changed.before, null, null);
  benchStore.setState({ changed: null });
  saver.workChanged();
}

/** Takes the line as typed; what reads becomes the material, what does not is kept and complained of. */
export function typeLine(lineText: string): void {
  const { brief } = benchStore.getState();
  if (brief.material.kind !== 'line') return benchStore.setState({ lineText });
  const reading = readLineText(brief, lineText);
  if (!reading.ok) return benchStore.setState({ lineText, issues: reading.issues });
  const carried = carryLocks(brief, { ...brief, material: { ...brief.material, notes: reading.value } });
  benchStore.setState({ lineText, brief: carried.brief, notice: carried.dropped === 0 ? null : droppedWords(carried.dropped) });
}

/** Note value and instrument change what a typed line means: read it again. */
export function changeBriefAndReadLine(change: (brief: Brief) => Brief): void {
  changeBrief(change);
  readLineAgain();
}

function readLineAgain(): void {
  const { brief, lineText } = benchStore.getState();
  if (brief.material.kind === 'line') typeLine(lineText);
}

/** Renames the piece. */
export function renamePiece(name: string): void {
  benchStore.setState({ name });
}

/**
 * Locks a note to a finger or string and plans anew around it. What was fixed for the note before is kept if both can
 * be; else the new wish goes first; a wish no hand can play is answered and nothing changes.
 */
export async function wishFor(lock: Lock): Promise<void> {
  const { brief } = benchStore.getState();
  const alone = withLock(withoutLock(brief, lock.note), lock);
  const together = withLock(brief, lock);
  for (const candidate of together === alone ? [alone] : [together, alone]) {
    const answer = await planner.plan(candidate);
    if (answer === OVERTAKEN) return;
    if (answer.ok)
      return benchStore.setState({
        brief: candidate,
        planSet: answer.value,
        plannedBrief: candidate,
        issues: [],
        relaxed: null,
        notice: null,
      });
    benchStore.setState({ notice: answer.issues.map((issue) => `${issue.message} ${issue.hint}`).join(' ') });
  }
}

/** Lets the engine decide about a note again. */
export function unlock(note: number): void {
  benchStore.setState({ brief: withoutLock(benchStore.getState().brief, note), notice: null });
}

/** Selects a note of the line; null selects none. */
export function select(note: number | null): void {
  benchStore.setState({ selected: note });
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
    if (now.pieceId === before.pieceId && !sameWork(now, before)) saver.workChanged();
  });
  const leave = (): void => saver.flush();
  window.addEventListener('pagehide', leave);
  return () => {
    stop();
    window.removeEventListener('pagehide', leave);
  };
}

/** A new brief needs a plan, unless it came with one; words of trouble need another look when brief or typed line go back. */
function needsPlanning(now: Bench, before: Bench): boolean {
  if (now.brief !== before.brief) return now.plannedBrief !== now.brief || now.issues.length > 0;
  return now.lineText !== before.lineText;
}

async function planNow(): Promise<void> {
  const { brief, lineText } = benchStore.getState();
  const typed = brief.material.kind === 'line' && lineText.trim() !== '' ? readLineText(brief, lineText) : null;
  const answer = await planner.plan(brief, (progress) => {
    if (benchStore.getState().brief === brief && benchStore.getState().plannedBrief !== brief) benchStore.setState({ progress });
  });
  if (answer === OVERTAKEN || benchStore.getState().brief !== brief) return;
  if (!answer.ok) return showFailure(typed && !typed.ok ? typed.issues : answer.issues, answer.relaxed);
  const issues = typed && !typed.ok ? typed.issues : [];
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

/** Lets go of the limit that stood in the way. */
export function acceptRelaxation(): void {
  const { relaxed } = benchStore.getState();
  if (relaxed) changeBrief(() => relaxed.brief);
}

/** Takes another fingering: its notes that differ are fixed, string and finger; the rest follows. */
export function takeAlternative({ plan, kind, differsAt }: Alternative): void {
  const { brief } = benchStore.getState();
  if (kind === 'unlocked') return changeBrief(({ locks: _, ...free }) => free);
  const locks = differsAt.flatMap((note): Lock[] => {
    const sound = plan.notes[note];
    return sound?.kind === 'note' ? [lockOf(note, sound)] : [];
  });
  changeBrief(() => locks.reduce(withLock, brief));
}

/** How long a change waits for the next before it is written, ms: drawing the plan goes first. */
const SAVE_AFTER_MS = 150;

/** Writes the work as it changes: one write at a time, and after it another if the work has changed meanwhile. */
class Saver {
  private writing = false;
  private changed = false;
  private timer = 0;

  workChanged(): void {
    this.changed = true;
    clearTimeout(this.timer);
    this.timer = window.setTimeout(() => this.flush(), SAVE_AFTER_MS);
    if (benchStore.getState().saving.state !== 'saving') benchStore.setState({ saving: { state: 'saving' } });
  }

  /** Writes at once what waits to be written. */
  flush(): void {
    if (this.changed && !this.writing) void this.write();
  }

  private async write(): Promise<void> {
    this.writing = true;
    while (this.changed) {
      this.changed = false;
      const record = recordOfBench();
      const outcome = record ? await saveRecord(record) : { ok: true as const };
      if (!this.changed) benchStore.setState({ saving: outcome.ok ? { state: 'saved' } : { state: 'failed', message: outcome.message } });
    }
    this.writing = false;
  }
}

const saver = new Saver();

function recordOfBench(): PieceRecord | null {
  const { pieceId, name, brief, lineText, createdAt, demo, instrumentId, playerId, changed } = benchStore.getState();
  if (pieceId === null) return null;
  const piece = pieceOf(name, brief, lineText);
  return { id: pieceId, piece, createdAt, updatedAt: Date.now(), demo, instrumentId, playerId, changed };
}

function setOnBench(record: PieceRecord): string {
  const { name, brief, lineText } = record.piece;
  const { id, createdAt, demo, instrumentId, playerId, changed } = record;
  const work: Work = { name, brief, lineText: lineText ?? lineTextOf(brief), instrumentId, playerId };
  benchStore.setState({
    ...work,
    pieceId: id,
    createdAt,
    demo,
    changed,
    planSet: null,
    plannedBrief: null,
    issues: [],
    relaxed: null,
    progress: null,
    notice: null,
    selected: null,
    saving: { state: 'saved' },
  });
  benchStore.temporal.getState().clear();
  return id;
}

function droppedWords(count: number): string {
  return count === 1
    ? 'One fixed finger no longer fits its note and was let go.'
    : `${count} fixed fingers no longer fit their notes and were let go.`;
}
