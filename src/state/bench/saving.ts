import type { PieceRecord } from '../../storage/database.ts';
import { pieceOf } from '../../storage/pieces.ts';
import { saveRecord } from '../../storage/records.ts';
import { THIS_TAB } from '../../storage/tab.ts';
import { forgetUnwritten, keepUnwritten } from '../../storage/writing/unwritten.ts';
import { AGAIN_AFTER_MS } from '../again.ts';
import { onDraft, workWithDrafts } from './drafts.ts';
import { sameWork, workStore } from './work.ts';

/** How long a change that follows another waits for the next before it is written, ms; the first is written at once. */
const SAVE_AFTER_MS = 150;

/** Changes that follow each other without a pause put off the write no longer than this, ms. */
const SAVE_AT_LATEST_MS = 1000;

/** Writes the work as it changes: one write at a time, and after it another if the work has changed meanwhile. */
class Saver {
  private writing = false;
  private changed = false;
  /** How many changes of what the piece follows are under way. */
  private underWay = 0;
  private timer = 0;
  /** When the first change came that waits to be written, ms. */
  private waitingSince = 0;
  /** When the last change came, ms. */
  private changedAt = -Infinity;
  /** What waits stands where the next page finds it. */
  private keptAhead = true;
  private written: Promise<void> = Promise.resolve();

  /** Every change is left where the next page finds it before anything else is done: the tab may be gone at any moment. */
  workChanged(): void {
    const now = performance.now();
    if (!this.changed) this.waitingSince = now;
    const alone = !this.changed && now - this.changedAt > SAVE_AFTER_MS;
    this.changed = true;
    this.changedAt = now;
    this.keepAhead();
    this.flushIn(alone ? 0 : Math.max(0, Math.min(SAVE_AFTER_MS, SAVE_AT_LATEST_MS - (now - this.waitingSince))));
    if (workStore.getState().saving.state !== 'saving') workStore.setState({ saving: { state: 'saving' } });
  }

  /** The page may be gone before the database has written. */
  leave(): void {
    if (this.changed || this.writing) this.keepAhead();
    this.flush();
  }

  /** Whether something would be lost if the page went now: neither the database nor the place beside it has it. */
  wouldLose(): boolean {
    return !this.keptAhead && (this.changed || this.writing || workStore.getState().saving.state === 'failed');
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

  /** Not saved before a change of what the piece follows, its school, is written too. */
  async during<Result>(change: () => Promise<Result>): Promise<Result> {
    this.underWay += 1;
    workStore.setState({ saving: { state: 'saving' } });
    try {
      return await change();
    } finally {
      this.underWay -= 1;
      this.workChanged();
    }
  }

  private keepAhead(): void {
    const record = recordOfWork();
    if (record) this.keptAhead = keepUnwritten(record, workStore.getState().base);
  }

  private flushIn(ms: number): void {
    clearTimeout(this.timer);
    this.timer = window.setTimeout(() => this.flush(), ms);
  }

  private async write(): Promise<void> {
    this.writing = true;
    while (this.changed) {
      this.changed = false;
      const record = recordOfWork();
      const { base } = workStore.getState();
      const outcome = record ? await saveRecord('piece', record, base) : { ok: true as const };
      // A change that came meanwhile may have been left by a page about to go: only its own write makes it safe.
      if (record && outcome.ok && !this.changed) forgetUnwritten(record.id);
      if ('record' in outcome) await this.wrote(outcome.record, outcome.joined);
      if (!this.changed && (this.underWay === 0 || !outcome.ok))
        workStore.setState({ saving: outcome.ok ? { state: 'saved' } : { state: 'failed', message: outcome.message } });
      if (!outcome.ok && !this.changed) this.tryAgain();
    }
    this.writing = false;
  }

  /** The record as it is now in the database; where it is joined with another tab's changes, those are shown here as well. */
  private async wrote(record: PieceRecord, joined: boolean): Promise<void> {
    // Where this cannot be loaded, the other tab's change is shown with the next write.
    const inStep = joined ? await import('./in-step.ts').catch(() => null) : null;
    if (workStore.getState().pieceId !== record.id) return;
    if (!joined) workStore.setState({ base: record });
    // What was changed meanwhile is joined once more, with the same base; until then nothing is shown in its place.
    else if (!this.changed) inStep?.adoptJoined(record);
  }

  /** The disk may have room again, or another tab may be done with the database. What was not saved of a piece left meanwhile waits for the next page. */
  private tryAgain(): void {
    const { pieceId } = workStore.getState();
    clearTimeout(this.timer);
    this.timer = window.setTimeout(() => {
      if (workStore.getState().pieceId !== pieceId) return;
      this.changed = true;
      this.flush();
    }, AGAIN_AFTER_MS);
  }
}

const saver = new Saver();

/** The work has changed and is to be written. */
export function saveSoon(): void {
  saver.workChanged();
}

/** Writes what waits to be written, and resolves when it is. */
export async function allSaved(): Promise<void> {
  await saver.settled();
}

/** Makes a change of what the piece follows; the page says it is saving until that is written. */
export async function savingDuring<Result>(change: () => Promise<Result>): Promise<Result> {
  return await saver.during(change);
}

/** Saves whenever the work changes, and when the page is left, until the returned function is called. */
export function keepSaving(): () => void {
  onDraft(saveSoon);
  const stop = workStore.subscribe((now, before) => {
    if (now.pieceId === before.pieceId && !sameWork(now, before) && now.base === before.base) saver.workChanged();
  });
  const leave = (): void => saver.leave();
  const warn = (event: BeforeUnloadEvent): void => {
    if (saver.wouldLose()) event.preventDefault();
  };
  window.addEventListener('pagehide', leave);
  window.addEventListener('beforeunload', warn);
  document.addEventListener('visibilitychange', leave);
  return () => {
    stop();
    window.removeEventListener('beforeunload', warn);
    window.removeEventListener('pagehide', leave);
    document.removeEventListener('visibilitychange', leave);
  };
}

/** The record that the work makes, with what its fields hold; null while there is no piece. */
export function recordOfWork(): PieceRecord | null {
  const { pieceId, createdAt, demo, changed, tags, drill, base } = workStore.getState();
  const { name, brief, lineText, instrumentId, playerId, schoolId } = workWithDrafts();
  if (pieceId === null) return null;
  const document = pieceOf(name, brief, lineText, { tags, drill });
  const kept = { id: pieceId, createdAt, updatedAt: Date.now(), demo, revision: base?.revision ?? 0, writtenBy: THIS_TAB };
  return { ...kept, document, instrumentId, playerId, schoolId, changed };
}
