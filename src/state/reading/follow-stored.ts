import { liveQuery } from 'dexie';
import { STORAGE_SHUT } from '../../words/kept/storage.ts';
import type { Argument, StoredQuery } from './queries.ts';
import { readyToPractise, readyToRead } from './ready.ts';

/** The listeners of a query that is followed. */
export interface Following<Value> {
  readonly next: (value: Value) => void;
  /** Receives the reason why it cannot be read, for people; nothing more comes then. */
  readonly failed: (message: string) => void;
}

/** Reads something that the browser keeps, now and whenever a page changes it, until the returned function is called. */
export function followStored<Arguments extends readonly Argument[], Value>(
  query: StoredQuery<Arguments, Value>,
  args: Arguments,
  { next, failed }: Following<Value>,
): () => void {
  let stop = (): void => undefined;
  let isOver = false;
  const fail = (error: unknown): void => {
    if (!isOver) failed(whyOf(error));
  };
  const begin = (): void => {
    if (isOver) return;
    const following = liveQuery(async () => await query.read(...args)).subscribe({ next, error: fail });
    stop = () => following.unsubscribe();
  };
  ready(query).then(begin, fail);
  return () => {
    isOver = true;
    stop();
  };
}

/** Reads it once; rejects with the words for people where that is impossible. */
export async function readStored<Arguments extends readonly Argument[], Value>(
  query: StoredQuery<Arguments, Value>,
  ...args: Arguments
): Promise<Value> {
  await ready(query);
  return await query.read(...args);
}

async function ready({ ofPractice = false }: Pick<StoredQuery<never, unknown>, 'ofPractice'>): Promise<void> {
  await (ofPractice ? readyToPractise() : readyToRead());
}

/**
 * Finds the reason why something cannot be read in the words of the browser: the database passes them on within errors of its own, each on
 * another line.
 */
function whyOf(error: unknown): string {
  if (!(error instanceof Error)) return STORAGE_SHUT;
  if ('inner' in error && error.inner instanceof Error) return whyOf(error.inner);
  return error.message.split('\n')[0] ?? STORAGE_SHUT;
}
