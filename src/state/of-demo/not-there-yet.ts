import type { DocumentName } from '#core/documents';
import { database } from '../../storage/database/database.ts';
import type { RecordOf } from '../../records/record.ts';

/** The records that are not in the database: what was changed of the demo before it was put in stays as it is. */
export async function notThereYet<Name extends DocumentName>(
  name: Name,
  records: readonly RecordOf<Name>[],
): Promise<readonly RecordOf<Name>[]> {
  const there = await database.tableOf(name).bulkGet(records.map(({ id }) => id));
  return records.filter((_, index) => there[index] === undefined);
}
