import type { DocumentName } from '#core/documents';
import type { RecordOf } from '../database.ts';
import { THIS_TAB } from '../tab.ts';

/** The one place that is written at once, before anything else happens to a change: a key for each record and page. */
const KEY = 'dove-path/unwritten';

/** Leaves a record whose last change is not in the database yet for the next page; false where this place is full or shut. */
export function keepUnwritten(record: RecordOf<DocumentName>): boolean {
  try {
    localStorage.setItem(keyOf(record.id), JSON.stringify({ ...record, writtenBy: THIS_TAB }));
    return true;
  } catch {
    return false;
  }
}

/** What was left of this record is in the database. */
export function forgetUnwritten(id: string): void {
  try {
    localStorage.removeItem(keyOf(id));
  } catch {
    // A browser that keeps nothing has nothing to forget.
  }
}

/** Puts what earlier pages left into the database, unless that got there by itself or is damaged. */
export async function writeUnwritten(): Promise<void> {
  const keys = Object.keys(globalThis.localStorage ?? {}).filter((key) => key.startsWith(KEY));
  if (keys.length === 0) return;
  const { putUnwritten } = await import('./put-unwritten.ts');
  for (const key of keys) {
    const text = localStorage.getItem(key);
    if (text === null) continue;
    await putUnwritten(text);
    // The page that left it may still live, and have left a newer one meanwhile.
    if (localStorage.getItem(key) === text) localStorage.removeItem(key);
  }
}

function keyOf(id: string): string {
  return `${KEY}/${id}/${THIS_TAB}`;
}
