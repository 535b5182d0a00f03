import type { DocumentName } from '#core/documents';
import type { RecordOf } from '../../records/record.ts';
import { database, together } from '../../storage/database/index.ts';
import { isLogRecord, withEntriesThere } from '../../storage/joining/index.ts';
import { keepVersion, putWhole, storedToWriteOver } from '../../storage/writing/index.ts';
import { isFields, readRecord } from '../../storage/reading/index.ts';

/** Tries again to read records that were set aside, and puts back those that now read; resolves to their number. */
export async function restoreSetAside(): Promise<number> {
  let restored = 0;
  for (const { id, name = 'piece', record } of await database.setAside.toArray()) {
    const value = isFields(record) ? await readAgain(name, { ...record, id }) : null;
    if (value === null) continue;
    const isBack = await putBeside(name, value).then(
      () => true,
      () => false,
    );
    if (!isBack) continue;
    await database.setAside.delete(id);
    restored += 1;
  }
  return restored;
}

async function readAgain<Name extends DocumentName>(name: Name, record: object): Promise<RecordOf<Name> | null> {
  const reading = await readRecord(name, record);
  return reading.ok ? reading.value : null;
}

/**
 * Puts a record back; one that stands in its place by now becomes an earlier version, and a page of a log is joined with it.
 *
 * @throws where a newer version of the application has written the one in its place
 */
async function putBeside<Name extends DocumentName>(name: Name, record: RecordOf<Name>): Promise<void> {
  const there = await storedToWriteOver(name, record.id);
  if (there && !isLogRecord(there)) await keepVersion(name, there, 'another brought back');
  const revision = Math.max(there?.revision ?? 0, record.revision) + 1;
  await together(async () => await putWhole(name, { ...withEntriesThere(record, there), revision }, there));
}

/** Writes everything that was set aside as text to download. */
export async function setAsideText(): Promise<string> {
  return JSON.stringify(await database.setAside.toArray(), null, 2);
}
