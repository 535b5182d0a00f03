import type { Page } from '@playwright/test';
import type { PieceRecord } from '../../src/storage/database.ts';

/** The pieces in the browser's database, as they are; none before the application has made it. */
export async function storedPieces(page: Page): Promise<readonly PieceRecord[]> {
  return await page.evaluate(readPieces);
}

/** Runs in the page. */
async function readPieces(): Promise<readonly PieceRecord[]> {
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
    if (!database.objectStoreNames.contains('pieces')) return [];
    const reading = database.transaction('pieces').objectStore('pieces').getAll();
    return await new Promise<readonly PieceRecord[]>((resolve) => {
      reading.onsuccess = () => resolve(reading.result);
      reading.onerror = () => resolve([]);
    });
  } finally {
    database.close();
  }
}
