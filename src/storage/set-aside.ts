import type { DocumentName } from '#core/documents';
import { readStored } from '../validation/documents.ts';
import { database, type RecordOf } from './database.ts';

/**
 * A stored record as it reads, its document brought to this version; one that does not read is set aside, never dropped,
 * and null.
 */
export async function readOrSetAside<Name extends DocumentName>(name: Name, record: RecordOf<Name>): Promise<RecordOf<Name> | null> {
  const reading = await readStored(name, record.document);
  if (reading.ok) return { ...record, document: reading.value };
  const reason = reading.issues.map(({ message }) => message).join(' ');
  const table = database.tableOf(name);
  await database.transaction('rw', table, database.setAside, async () => {
    await database.setAside.put({ id: record.id, record, reason, at: Date.now() });
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

/** Everything that was set aside, as text to download. */
export async function setAsideText(): Promise<string> {
  return JSON.stringify(await database.setAside.toArray(), null, 2);
}
