import { AGAIN_AFTER_MS } from './again.ts';
import type { RecordOf } from '../storage/database.ts';
import type { RecordOutcome } from '../storage/records.ts';
import { type KeptName, saveInStudio } from '../storage/studio.ts';
import { forgetUnwritten, keepUnwritten } from '../storage/writing/unwritten.ts';

/** The changes that are not written yet, by record: how many came, and whether the last is where the next page finds it. */
const waiting = new Map<string, { readonly change: number; readonly keptAhead: boolean }>();
let changes = 0;
let lastWrite: Promise<unknown> = Promise.resolve();

/** What became of a change; one that could not be written is tried again. */
export type KeptOutcome<Name extends KeptName> = Kept<Name> | NotKept<Name>;

type Kept<Name extends KeptName> = Extract<RecordOutcome<Name>, { readonly ok: true }>;

/** A change that could not be written. */
interface NotKept<Name extends KeptName> {
  readonly ok: false;
  readonly message: string;
  /** The record once it is written after all; null once a later change takes its place. */
  readonly later: Promise<Kept<Name> | null>;
}

/**
 * Keeps what is not a piece as it is typed or chosen: at once where the next page finds it, then in the database, one
 * write after the other.
 */
export async function keepInStudio<Name extends KeptName>(
  name: Name,
  record: RecordOf<Name>,
  base: RecordOf<Name> | null,
): Promise<KeptOutcome<Name>> {
  changes += 1;
  const change = changes;
  waiting.set(record.id, { change, keptAhead: keepUnwritten({ ...record, updatedAt: Date.now() }, base) });
  const isLast = (): boolean => waiting.get(record.id)?.change === change;
  const write = async (): Promise<RecordOutcome<Name>> => {
    const outcome = await inTurn(async () => await saveInStudio(name, record, base));
    if (outcome.ok && isLast()) {
      waiting.delete(record.id);
      forgetUnwritten(record.id);
    }
    return outcome;
  };
  const outcome = await write();
  return outcome.ok ? outcome : { ...outcome, later: writtenLater(write, isLast) };
}

/** Deletes a record after what is being written of it; what could not be written is not tried again, nor by the next page. */
export async function deleteInTurn<Outcome>(id: string, remove: () => Promise<Outcome>): Promise<Outcome> {
  waiting.delete(id);
  forgetUnwritten(id);
  return await inTurn(remove);
}

/** Does a write once those before it are done. */
async function inTurn<Outcome>(write: () => Promise<Outcome>): Promise<Outcome> {
  const turn = lastWrite.then(write);
  lastWrite = turn.catch(() => undefined);
  return await turn;
}

/** Tries again until it is written or no longer the last change. */
async function writtenLater<Name extends KeptName>(
  write: () => Promise<RecordOutcome<Name>>,
  isLast: () => boolean,
): Promise<Kept<Name> | null> {
  for (;;) {
    await new Promise((resolve) => setTimeout(resolve, AGAIN_AFTER_MS));
    if (!isLast()) return null;
    const outcome = await write();
    if (outcome.ok) return outcome;
  }
}

/** Whether a change of this record is not written yet: what is shown of it is newer than what is there. */
export function isWaiting(id: string): boolean {
  return waiting.has(id);
}

/** Warns before the page goes while something typed is neither in the database nor beside it; until the returned function is called. */
export function warnOfLoss(): () => void {
  const warn = (event: BeforeUnloadEvent): void => {
    if ([...waiting.values()].some(({ keptAhead }) => !keptAhead)) event.preventDefault();
  };
  window.addEventListener('beforeunload', warn);
  return () => window.removeEventListener('beforeunload', warn);
}
