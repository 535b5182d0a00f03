import type { Page } from '@playwright/test';
import type { LogRecord, PieceRecord, WeekRecord } from '../../src/storage/database.ts';

/** The pieces in the browser's database, as they are; none before the application has made it. */
export async function storedPieces(page: Page): Promise<readonly PieceRecord[]> {
  return await page.evaluate<readonly PieceRecord[], string>(readAll, 'pieces');
}

/** The pages of the log that the browser of a page has in its database. */
export async function storedLogs(page: Page): Promise<readonly LogRecord[]> {
  return await page.evaluate<readonly LogRecord[], string>(readAll, 'logs');
}

/** How the weeks of players are planned, as the browser of a page has it in its database. */
export async function storedWeeks(page: Page): Promise<readonly WeekRecord[]> {
  return await page.evaluate<readonly WeekRecord[], string>(readAll, 'weeks');
}

/** Runs in the page. */
async function readAll<Stored>(store: string): Promise<readonly Stored[]> {
  // Opening it before the application has would make an empty one, and stand in its way.
  const there = (await indexedDB.databases()).some(({ name }) => name === 'dove-path');
  if (!there) return [];
  const opening = indexedDB.open('dove-path');
  const database = await new Promise<IDBDatabase | null>((resolve) => {
    opening.onsuccess = () => resolve(opening.result);
    opening.onerror = () => resolve(null);
  });
  if (!database) return [];
  try {
    if (!database.objectStoreNames.contains(store)) return [];
    const reading = database.transaction(store).objectStore(store).getAll();
    return await new Promise<readonly Stored[]>((resolve) => {
      reading.onsuccess = () => resolve(reading.result);
      reading.onerror = () => resolve([]);
    });
  } finally {
    database.close();
  }
}
