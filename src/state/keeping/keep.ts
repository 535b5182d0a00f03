import type { DocumentName } from '#core/documents';
import type { RecordOf } from '../../records/record.ts';
import { type RecordOutcome, saveRecord } from '../../storage/writing/index.ts';
import { forgetUnwritten, keepUnwritten } from '../../storage/beside/index.ts';
import type { DeleteOutcome, TheirPieces } from '../../storage/deleting/index.ts';
import { storageFailureText } from '../../words/kept/storage-failures.ts';
import { writeOnLeaving } from './leaving.ts';
import { isWaiting, noteWaiting, waitingOf, waitingStore } from './waiting.ts';

/** The time for which a change that follows another waits for the next before it is written, ms; the first is written at once. */
const SAVE_AFTER_MS = 150;

/** The longest time by which changes without a pause put off the write, ms. */
const SAVE_AT_LATEST_MS = 1000;

/** The time after which a failed write is tried again, ms: the disk may have room by then. */
const AGAIN_AFTER_MS = 5000;

/** The outcome of a change: written, not written yet, or null where a later change of the record replaced it. */
export type KeptOutcome<Name extends DocumentName> = Kept<Name> | NotKept<Name> | null;

/** A change that is in the database; `joined` tells that it was joined with a change of another tab. */
export type Kept<Name extends DocumentName> = Extract<RecordOutcome<Name>, { readonly ok: true }>;

/** A change that could not be written. */
interface NotKept<Name extends DocumentName> {
  readonly ok: false;
  readonly message: string;
  /** The record once it is written after all; null once a later change replaces it. */
  readonly later: Promise<Kept<Name> | null>;
}

let changes = 0;
let lastWrite: Promise<unknown> = Promise.resolve();

/** The moments at which records were last changed, ms. */
const changedAt = new Map<string, number>();

/** The last changes that were left ahead, by the ids of their records. */
const leftAhead = new Map<string, number>();

/** The changes that pause before they are written. */
const pauses = new Set<() => void>();

/** The first tries that are not over yet. */
const tries = new Set<Promise<unknown>>();

/**
 * Keeps a record as it is changed; `base` is the record as it was read (null for a new one). It is written at once where the next page
 * finds it, then into the database, one write after the other. Changes that follow each other are written together. It never throws; a
 * record that could not be written is tried again until it is, or until a later change replaces it.
 */
export async function keep<Name extends DocumentName>(
  name: Name,
  record: RecordOf<Name>,
  base: RecordOf<Name> | null,
): Promise<KeptOutcome<Name>> {
  writeOnLeaving(writeAtOnce);
  const pauseMs = pauseBefore(record.id);
  const now: RecordOf<Name> = { ...record, updatedAt: Date.now() };
  const change = noteChange(name, now, base);
  const attempt = pause(pauseMs).then(async () => await inTurn(async () => await writeChange(name, now, change)));
  tries.add(attempt);
  const outcome = await attempt.finally(() => tries.delete(attempt));
  return outcome === null || outcome.ok ? outcome : { ...outcome, later: writeLater(name, now, change) };
}

/** Leaves a record where the next page finds it, and writes it only when it is kept: for a field that is not left yet. */
export function keepAhead<Name extends DocumentName>(record: RecordOf<Name>, base: RecordOf<Name> | null): void {
  changes += 1;
  leftAhead.set(record.id, changes);
  keepUnwritten(record, base, changes);
}

/** Gives up what was left ahead of a record. */
export function giveUpAhead(id: string): void {
  leftAhead.delete(id);
  if (!isWaiting(id)) forgetUnwritten(id);
}

/**
 * Deletes a record after the writes under way, so that it comes back as it was last; a change that could not be written is not tried again,
 * nor by the next page. With a player go the practice, and the pieces where that is chosen. Never throws.
 */
export async function remove(name: DocumentName, id: string, theirPieces?: TheirPieces): Promise<DeleteOutcome> {
  return await savingDuring(async () => {
    await allKept();
    return await inTurn(async () => {
      noteWaiting(id, null);
      leftAhead.delete(id);
      forgetUnwritten(id);
      const deleting = await import('../../storage/deleting/delete-record.ts').catch(() => null);
      return deleting ? await deleting.deleteRecord(name, id, theirPieces) : { ok: false, message: storageFailureText('NotLoaded') };
    });
  });
}

/** Writes at once everything that pauses, and resolves when everything was tried. */
export async function allKept(): Promise<void> {
  writeAtOnce();
  await Promise.allSettled([...tries]);
}

/** Makes a change that ends with a write; the page says it is saving until then. */
export async function savingDuring<Result>(work: () => Promise<Result>): Promise<Result> {
  waitingStore.setState(({ underWay }) => ({ underWay: underWay + 1 }));
  try {
    return await work();
  } finally {
    waitingStore.setState(({ underWay }) => ({ underWay: underWay - 1 }));
  }
}

/** Gives the pause before a change of a record is written, ms: none where it comes alone. */
function pauseBefore(id: string): number {
  const now = performance.now();
  const before = waitingOf(id);
  const alone = before === undefined && now - (changedAt.get(id) ?? -Infinity) > SAVE_AFTER_MS;
  changedAt.set(id, now);
  return alone ? 0 : Math.max(0, Math.min(SAVE_AFTER_MS, SAVE_AT_LATEST_MS - (now - (before?.since ?? now))));
}

/** Leaves a change for the next page before anything else is done: this one may be gone at any moment. */
function noteChange(name: DocumentName, record: RecordOf<DocumentName>, base: RecordOf<DocumentName> | null): number {
  changes += 1;
  const before = waitingOf(record.id);
  const from = before ? before.base : base;
  const keptAhead = keepUnwritten(record, from, changes);
  const since = before?.since ?? performance.now();
  noteWaiting(record.id, { name, record, change: changes, since, base: from, keptAhead, failed: null });
  return changes;
}

function isLast(id: string, change: number): boolean {
  return waitingOf(id)?.change === change;
}

/** Writes a change that is still the last of its record. */
async function writeChange<Name extends DocumentName>(
  name: Name,
  record: RecordOf<Name>,
  change: number,
): Promise<RecordOutcome<Name> | null> {
  if (!isLast(record.id, change)) return null;
  const outcome = await saveRecord(name, record, waitingOf(record.id)?.base ?? null, change);
  const waiting = waitingOf(record.id);
  if (waiting === undefined) return outcome;
  const { id } = record;
  const isStillLast = waiting.change === change;
  if (!outcome.ok) {
    if (isStillLast) noteWaiting(id, { ...waiting, failed: outcome.message });
  } else if (isStillLast) {
    noteWaiting(id, null);
    // A change that is typed while this one is written is left for the next page.
    if ((leftAhead.get(id) ?? 0) <= change) forgetUnwritten(id);
  } else {
    // The later change follows from this one; where this was joined with another tab's change, the later one is joined too.
    noteWaiting(id, { ...waiting, since: performance.now(), base: outcome.joined ? waiting.base : outcome.record });
  }
  return outcome;
}

/** Tries again until it is written or no longer the last change. */
async function writeLater<Name extends DocumentName>(name: Name, record: RecordOf<Name>, change: number): Promise<Kept<Name> | null> {
  for (;;) {
    await new Promise((resolve) => setTimeout(resolve, AGAIN_AFTER_MS));
    if (!isLast(record.id, change)) return null;
    const outcome = await inTurn(async () => await writeChange(name, record, change));
    if (outcome === null || outcome.ok) return outcome;
  }
}

/** Does a write once those before it are done. */
async function inTurn<Outcome>(write: () => Promise<Outcome>): Promise<Outcome> {
  const turn = lastWrite.then(write);
  lastWrite = turn.catch(() => undefined);
  return await turn;
}

async function pause(ms: number): Promise<void> {
  if (ms === 0) return;
  await new Promise<void>((resolve) => {
    const end = (): void => {
      clearTimeout(timer);
      pauses.delete(end);
      resolve();
    };
    const timer = setTimeout(end, ms);
    pauses.add(end);
  });
}

function writeAtOnce(): void {
  for (const end of [...pauses]) end();
}
