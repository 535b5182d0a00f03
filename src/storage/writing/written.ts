import { storageFailureText } from '../../words/kept/storage-failures.ts';
import { inTime } from '../database/in-time.ts';
import type { SaveOutcome } from './outcome.ts';

/** Writes; what went wrong is an outcome. */
export async function written(work: () => Promise<unknown>): Promise<SaveOutcome> {
  try {
    await inTime(work(), () => new SilentStorage());
    return { ok: true };
  } catch (error) {
    return { ok: false, message: storageFailureText(failureName(error)) };
  }
}

/** The database neither wrote nor refused. */
class SilentStorage extends Error {
  override readonly name = 'SilentStorage';
}

/** What the database calls a failure: the innermost name is the telling one. */
function failureName(error: unknown): string {
  if (!(error instanceof Error)) return '';
  return 'inner' in error && error.inner instanceof Error ? error.inner.name : error.name;
}
