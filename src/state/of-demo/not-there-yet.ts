import type { DocumentName } from '#core/documents';
import { database } from '../../storage/database/index.ts';
import type { RecordOf } from '../../records/record.ts';

/** Keeps the records that are not in the database: changes of the demo made before it was put in stay. */
export async function notThereYet<Name extends DocumentName>(
  name: Name,
  records: readonly RecordOf<Name>[],
): Promise<readonly RecordOf<Name>[]> {
  const there = await database.tableOf(name).bulkGet(records.map(({ id }) => id));
  return records.filter((_, index) => there[index] === undefined);
}
