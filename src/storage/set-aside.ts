import { DOCUMENT_KINDS, type DocumentName } from '#core/documents';
import { database, type RecordOf } from './database.ts';
import { isFields, isOfNewer, readRecord } from './read-record.ts';
import { together } from './writing/together.ts';

/**
 * A stored record as it reads, its document brought to this version; one that does not read is set aside, never dropped,
 * and null. One that a newer version wrote stays where it is, for that version to read, and is null too.
 */
export async function readOrSetAside<Name extends DocumentName>(name: Name, record: RecordOf<Name>): Promise<RecordOf<Name> | null> {
  const reading = await readRecord(name, record);
  if (reading.ok) return reading.value;
  if (isOfNewer(reading.issues)) return null;
  const reason = reading.issues.map(({ message }) => message).join(' ');
  const table = database.tableOf(name);
  await database.transaction('rw', table, database.setAside, async () => {
    await database.setAside.put({ id: record.id, name, record, reason, at: Date.now() });
    await table.delete(record.id);
  });
  return null;
}

/** All records of a kind that can be read, as they were changed, the newest first. */
export async function loadAll<Name extends DocumentName>(name: Name): Promise<readonly RecordOf<Name>[]> {
  // Not by the table's index: a damaged record may not be in it.
  const stored = await database.tableOf(name).toArray();
  const read = await Promise.all(stored.map((record) => readOrSetAside(name, record)));
  return read.filter((record) => record !== null).toSorted((one, other) => other.updatedAt - one.updatedAt);
}

/** How many stored records of a kind a newer version of the application wrote. */
export async function countOfNewer(name: DocumentName): Promise<number> {
  const { version } = DOCUMENT_KINDS[name];
  return await database
    .tableOf(name)
    .filter((record) => isFields(record.document) && Number(record.document['version']) > version)
    .count();
}

/** Tries again to read what was set aside, and puts back what now reads; how many did. */
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

/** How many records are set aside. */
export async function countSetAside(): Promise<number> {
  return await database.setAside.count();
}

/** Everything that was set aside, as text to download. */
export async function setAsideText(): Promise<string> {
  return JSON.stringify(await database.setAside.toArray(), null, 2);
}
