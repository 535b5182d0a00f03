import type { Piece } from '#core/format';
import { database, type PieceRecord } from './database.ts';
import { newRecord } from './pieces.ts';

/** Puts the demo pieces in on the very first start of a demo, once. */
export async function seedDemoOnce(): Promise<void> {
  if (await database.facts.get('demo-seeded')) return;
  const records = await demoRecords();
  await database.transaction('rw', database.facts, database.pieces, async () => {
    if (await database.facts.get('demo-seeded')) return;
    await database.facts.put({ key: 'demo-seeded', value: true });
    await database.pieces.bulkPut(records);
  });
}

/** Brings the demo pieces back as they were; the teacher's own pieces stay as they are. */
export async function restoreDemo(): Promise<void> {
  const records = await demoRecords();
  await database.transaction('rw', database.pieces, async () => {
    await clearDemo();
    await database.pieces.bulkPut(records);
  });
}

/** Takes away the demo pieces. */
export async function clearDemo(): Promise<void> {
  const ids = (await database.pieces.toArray()).filter((record) => record.demo).map((record) => record.id);
  await database.pieces.bulkDelete(ids);
}

/** The demo pieces as records; the server has checked them. The first of the list is the newest, so that it opens first. */
async function demoRecords(): Promise<readonly PieceRecord[]> {
  const response = await fetch('/api/demo');
  const documents: readonly Piece[] | null = response.ok ? await response.json() : null;
  if (documents === null) throw new Error('The demo pieces cannot be fetched from the server just now. Try again later.');
  const now = Date.now();
  return documents.map((piece, index) => ({ ...newRecord(piece, true), updatedAt: now - index * 1000 }));
}
