import type { Page } from '@playwright/test';
import { DOCUMENT_KINDS, type DocumentName } from '#core/documents';
import type { PieceRecord, RecordOf } from '../../src/records/record.ts';
import type { StoredRecords } from './edit.ts';

/** Reads the pieces in the browser's database, as they are; none before the application has made it. */
export async function storedPieces(page: Page): Promise<readonly PieceRecord[]> {
  return await page.evaluate<readonly PieceRecord[], string>(readAll, 'pieces');
}

/** Reads all records in the browser's database, by kind. */
export async function storedRecords(page: Page): Promise<StoredRecords> {
  const all = async <Name extends DocumentName>(name: Name): Promise<readonly RecordOf<Name>[]> =>
    await page.evaluate<readonly RecordOf<Name>[], string>(readAll, DOCUMENT_KINDS[name].plural);
  return {
    piece: await all('piece'),
    instrument: await all('instrument'),
    player: await all('player'),
    school: await all('school'),
    stages: await all('stages'),
    session: await all('session'),
    week: await all('week'),
    log: await all('log'),
    book: await all('book'),
  };
}

/** Reads the texts of fields that are not left yet. */
export async function storedTyped(page: Page): Promise<readonly string[]> {
  return await page.evaluate(() =>
    Object.entries(localStorage).flatMap(([key, text]) => (key.startsWith('dove-path/typed') ? [text] : [])),
  );
}

/** Runs in the page. */
async function readAll<Stored>(store: string): Promise<readonly Stored[]> {
  // Opening the database before the application has would make an empty one, and stand in its way.
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
