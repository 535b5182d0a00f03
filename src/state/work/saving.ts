import type { PieceRecord } from '../../storage/database.ts';
import { pieceOf } from '../../storage/pieces.ts';
import { saveRecord } from '../../storage/records.ts';
import { forgetUnwritten, keepUnwritten } from '../../storage/unwritten.ts';
import { sameWork, workStore } from './work.ts';

/** How long a change waits for the next before it is written, ms: drawing the plan goes first. */
const SAVE_AFTER_MS = 150;

/** Writes the work as it changes: one write at a time, and after it another if the work has changed meanwhile. */
class Saver {
  private writing = false;
  private changed = false;
  /** How many changes of what the piece follows are under way. */
  private underWay = 0;
  private timer = 0;
  private written: Promise<void> = Promise.resolve();

  workChanged(): void {
    this.changed = true;
    clearTimeout(this.timer);
    this.timer = window.setTimeout(() => this.flush(), SAVE_AFTER_MS);
    if (workStore.getState().saving.state !== 'saving') workStore.setState({ saving: { state: 'saving' } });
  }

  /** The page may be gone before the database has written: what waits is left where the next start finds it. */
  leave(): void {
    const record = this.changed || this.writing ? recordOfWork() : null;
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

  private async write(): Promise<void> {
    this.writing = true;
    while (this.changed) {
      this.changed = false;
      const record = recordOfWork();
      // Known before it is written, so that what comes back from the database is known as our own.
      if (record) workStore.setState({ writtenAt: record.updatedAt });
      const outcome = record ? await saveRecord('piece', record) : { ok: true as const };
      // A change that came meanwhile may have been left by a page about to go: only its own write makes it safe.
      if (record && outcome.ok && !this.changed) forgetUnwritten(record.id);
      if (!this.changed && (this.underWay === 0 || !outcome.ok))
        workStore.setState({ saving: outcome.ok ? { state: 'saved' } : { state: 'failed', message: outcome.message } });
    }
    this.writing = false;
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
  const stop = workStore.subscribe((now, before) => {
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

function recordOfWork(): PieceRecord | null {
  const { pieceId, name, brief, lineText, createdAt, demo, instrumentId, playerId, schoolId, changed, tags } = workStore.getState();
  if (pieceId === null) return null;
  const document = pieceOf(name, brief, lineText, tags);
  return { id: pieceId, document, createdAt, updatedAt: Date.now(), demo, instrumentId, playerId, schoolId, changed };
}
