import type { DocumentName } from '#core/documents';
import type { RecordOf } from '../../records/record.ts';
import { type Version, versionNumbered, versionsOf } from '../../storage/writing/index.ts';
import type { StoredQuery } from './queries.ts';

export type { Version };

/** Reads the earlier versions of a record, the newest first. */
export const VERSIONS: StoredQuery<[name: DocumentName, id: string], readonly Version[]> = { read: versionsOf };

/** Reads versions of a kind of record by their number: as the record was, or null where that does not read. */
export function versionsNumbered<Name extends DocumentName>(name: Name): StoredQuery<[number: number], RecordOf<Name> | null> {
  return { read: async (number) => await versionNumbered(name, number) };
}
