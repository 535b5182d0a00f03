import { dequal } from 'dequal';
import type { DocumentName } from '#core/documents';
import type { RecordOf } from '../../records/record.ts';
import { database, together } from '../database/index.ts';
import { isLog, withEntriesThere } from '../joining/index.ts';
import { isDocumentOfNewer } from '../reading/index.ts';
import { keepVersion, putWhole } from '../writing/index.ts';
import type { Deletion } from './deletion.ts';
import { setLink } from './ties.ts';

/**
 * Brings back everything that was deleted together, as it was and tied as it was. Whatever stands in its place by now becomes an earlier
 * version of it; entries of a log are joined. `number` is that of the copy, which then goes.
 */
export async function bringBackDeletion({ records, ties, instead }: Deletion, number: number | undefined): Promise<void> {
  for (const { kind, record } of records) await keepPresent(kind, record);
  await together(async () => {
    for (const { kind, id } of instead) {
      const there = await database.tableOf(kind).get(id);
      if (there?.revision === 0) await database.tableOf(kind).delete(id);
    }
    for (const { kind, record } of records) await restoreRecord(kind, record);
    for (const tie of ties) await setLink(tie, tie.to);
    if (number !== undefined) await database.deleted.delete(number);
  });
}

async function keepPresent<Name extends DocumentName>(kind: Name, record: RecordOf<Name>): Promise<void> {
  const there = await database.tableOf(kind).get(record.id);
  if (!there || isLog(there) || dequal(there.document, record.document)) return;
  await keepVersion(kind, there, 'another brought back');
}

async function restoreRecord<Name extends DocumentName>(kind: Name, record: RecordOf<Name>): Promise<void> {
  const there = await database.tableOf(kind).get(record.id);
  if (there && isDocumentOfNewer(kind, there.document)) return;
  const revision = Math.max(there?.revision ?? 0, record.revision) + 1;
  await putWhole(kind, { ...withEntriesThere(record, there), revision, writtenBy: null }, there);
}
