import { DOCUMENT_NAMES, type DocumentName } from '#core/documents';
import { database } from '../database/index.ts';
import type { RecordOf } from '../../records/record.ts';
import { isDocumentOfNewer, isOfNewer, readRecord } from './read-record.ts';

/**
 * Reads a stored record, its document brought to this version; one that does not read is set aside, never dropped, and null. One that a
 * newer version wrote stays where it is, for that version to read, and is null too.
 */
export async function readOrSetAside<Name extends DocumentName>(name: Name, record: RecordOf<Name>): Promise<RecordOf<Name> | null> {
  const reading = await readRecord(name, record);
  if (reading.ok) return reading.value;
  if (isOfNewer(reading.issues)) return null;
  const reason = reading.issues.map(({ message }) => message).join(' ');
  const table = database.tableOf(name);
  await outsideOfQueries(() =>
    database.transaction('rw', table, database.setAside, async () => {
      await database.setAside.put({ id: record.id, name, record, reason, at: Date.now() });
      await table.delete(record.id);
    }),
  );
  return null;
}

/** Writes while something is read: a query that a page follows may not write itself, so this is done beside it. */
async function outsideOfQueries(write: () => PromiseLike<unknown>): Promise<void> {
  await new Promise<void>((resolve, reject) => {
    setTimeout(() => void write().then(() => resolve(), reject));
  });
}

/** The records of a kind. */
export interface AllRead<Name extends DocumentName> {
  /** The records that can be read, the last changed first. */
  readonly records: readonly RecordOf<Name>[];
  /** The number of records that a newer version of the application wrote, which this one cannot read. */
  readonly newer: number;
}

/** Reads all records of a kind. */
export async function readAll<Name extends DocumentName>(name: Name): Promise<AllRead<Name>> {
  // The table's index is not used: a damaged record may not be in it.
  const stored = await database.tableOf(name).toArray();
  const read = await Promise.all(stored.map((record) => readOrSetAside(name, record)));
  const records = read.filter((record) => record !== null).toSorted((one, other) => other.updatedAt - one.updatedAt);
  const newer = stored.filter(({ document }) => isDocumentOfNewer(name, document)).length;
  return { records, newer };
}

/** Reads all records of a kind that can be read, the last changed first. */
export async function loadAll<Name extends DocumentName>(name: Name): Promise<readonly RecordOf<Name>[]> {
  return (await readAll(name)).records;
}

/** Counts the records of all kinds that a newer version of the application wrote. */
export async function countNewer(): Promise<number> {
  const counts = DOCUMENT_NAMES.map(
    async (name) =>
      await database
        .tableOf(name)
        .filter(({ document }) => isDocumentOfNewer(name, document))
        .count(),
  );
  return (await Promise.all(counts)).reduce((sum, count) => sum + count, 0);
}

/** Counts the records that are set aside. */
export async function countSetAside(): Promise<number> {
  return await database.setAside.count();
}
