import type { RecordOf } from '../storage/database.ts';
import type { RecordOutcome } from '../storage/records.ts';
import { type KeptName, saveInStudio } from '../storage/studio.ts';
import { forgetUnwritten, keepUnwritten } from '../storage/writing/unwritten.ts';

/** The changes that are not written yet, by record: how many came, and whether the last is where the next page finds it. */
const waiting = new Map<string, { readonly change: number; readonly keptAhead: boolean }>();
let changes = 0;
let lastWrite: Promise<unknown> = Promise.resolve();

/**
 * Keeps what is not a piece as it is typed or chosen: at once where the next page finds it, then in the database, one
 * write after the other.
 */
export async function keepInStudio<Name extends KeptName>(
  name: Name,
  record: RecordOf<Name>,
  base: RecordOf<Name> | null,
): Promise<RecordOutcome<Name>> {
  changes += 1;
  const change = changes;
  waiting.set(record.id, { change, keptAhead: keepUnwritten({ ...record, updatedAt: Date.now() }, base) });
  const write = lastWrite.then(async () => await saveInStudio(name, record, base));
  lastWrite = write;
  const outcome = await write;
  if (outcome.ok && waiting.get(record.id)?.change === change) {
    waiting.delete(record.id);
    forgetUnwritten(record.id);
  }
  return outcome;
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
