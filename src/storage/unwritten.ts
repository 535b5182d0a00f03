import type { PieceRecord } from './database.ts';

/** The one place that is written at once, before a page is gone. */
const KEY = 'dove-path/unwritten';

/** Leaves a piece whose last change is not in the database yet for the next start. A full store is no reason to fail. */
export function keepUnwritten(record: PieceRecord): void {
  try {
    localStorage.setItem(KEY, JSON.stringify(record));
  } catch {
    // The database still tries to write it.
  }
}

/** What was left is in the database. */
export function forgetUnwritten(): void {
  globalThis.localStorage?.removeItem(KEY);
}

/** Puts what an earlier page left into the database, unless that got there by itself or is damaged. */
export async function writeUnwritten(): Promise<void> {
  const text = globalThis.localStorage?.getItem(KEY) ?? null;
  if (text === null) return;
  const { putUnwritten } = await import('./put-unwritten.ts');
  await putUnwritten(text);
  forgetUnwritten();
}
