import { DEMO_PIECES } from '../demo/pieces.ts';
import { database } from './database.ts';
import { newRecord } from './pieces.ts';

/** Puts the demo pieces in on the very first start of a demo, once. */
export async function seedDemoOnce(): Promise<void> {
  await database.transaction('rw', database.facts, database.pieces, async () => {
    if (await database.facts.get('demo-seeded')) return;
    await database.facts.put({ key: 'demo-seeded', value: true });
    await addDemoPieces();
  });
}

/** Brings the demo pieces back as they were; the teacher's own pieces stay as they are. */
export async function restoreDemo(): Promise<void> {
  await database.transaction('rw', database.pieces, async () => {
    await clearDemo();
    await addDemoPieces();
  });
}

/** Takes away the demo pieces. */
export async function clearDemo(): Promise<void> {
  const ids = (await database.pieces.toArray()).filter((record) => record.demo).map((record) => record.id);
  await database.pieces.bulkDelete(ids);
}

/** The first of the list is the newest, so that it opens first. */
async function addDemoPieces(): Promise<void> {
  const now = Date.now();
  await database.pieces.bulkPut(DEMO_PIECES.map((piece, index) => ({ ...newRecord(piece, true), updatedAt: now - index * 1000 })));
}
