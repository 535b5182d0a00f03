import type { PieceRecord } from './database.ts';

/** The one place that is written at once, before anything else happens to a change: a key for each piece. */
const KEY = 'dove-path/unwritten';

/** Leaves a piece whose last change is not in the database yet for the next page; false where this place is full or shut. */
export function keepUnwritten(record: PieceRecord): boolean {
  try {
    localStorage.setItem(keyOf(record.id), JSON.stringify(record));
    return true;
  } catch {
    return false;
  }
}

/** What was left of this piece is in the database. */
export function forgetUnwritten(pieceId: string): void {
  globalThis.localStorage?.removeItem(keyOf(pieceId));
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

function keyOf(pieceId: string): string {
  return `${KEY}/${pieceId}`;
}
