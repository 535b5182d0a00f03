import { database } from './database.ts';

/** Writes to several tables, all or nothing. */
export async function together(work: () => Promise<unknown>): Promise<void> {
  await database.transaction('rw', database.tables, work);
}
