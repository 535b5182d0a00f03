import { storageFailureText } from '../../words/kept/storage-failures.ts';
import { inTime } from '../database/index.ts';
import type { SaveOutcome } from './outcome.ts';

/** Runs a write; a failure is an outcome. */
export async function runWrite(work: () => Promise<unknown>): Promise<SaveOutcome> {
  try {
    await inTime(work(), () => new SilentStorage());
    return { ok: true };
  } catch (error) {
    return { ok: false, message: storageFailureText(failureName(error)) };
  }
}

/** The error of a database that neither wrote nor refused. */
class SilentStorage extends Error {
  override readonly name = 'SilentStorage';
}

/** Tells whether a write failed because the disk is full. */
export function isDiskFull(error: unknown): boolean {
  return failureName(error) === 'QuotaExceededError';
}

/** Gives the database's name of a failure: the innermost name is the telling one. */
function failureName(error: unknown): string {
  if (!(error instanceof Error)) return '';
  return 'inner' in error && error.inner instanceof Error ? error.inner.name : error.name;
}
