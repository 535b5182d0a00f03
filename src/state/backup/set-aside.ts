import { database, together } from '../../storage/database/index.ts';
import { isFields, readRecord } from '../../storage/reading/index.ts';

/** Tries again to read records that were set aside, and puts back those that now read; resolves to their number. */
export async function restoreSetAside(): Promise<number> {
  let restored = 0;
  for (const { id, name = 'piece', record } of await database.setAside.toArray()) {
    const reading = isFields(record) ? await readRecord(name, { ...record, id }) : null;
    if (reading?.ok !== true) continue;
    await together(async () => {
      await database.tableOf(name).put(reading.value);
      await database.setAside.delete(id);
    });
    restored += 1;
  }
  return restored;
}

/** Writes everything that was set aside as text to download. */
export async function setAsideText(): Promise<string> {
  return JSON.stringify(await database.setAside.toArray(), null, 2);
}
