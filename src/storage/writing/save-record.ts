import type { DocumentName } from '#core/documents';
import { storageFailureText } from '../../words/kept/storage-failures.ts';
import type { RecordOf } from '../../records/record.ts';
import type { RecordOutcome } from './outcome.ts';
import { noteSent, sentSince } from '../beside/index.ts';

/**
 * Checks a record's document against its schema and writes the record; the pieces follow where it is of the studio, and the record before
 * is kept as a version. `base` is the record as this page last read or wrote it: where another page has written since, both are joined. It
 * never throws: a full disk is an outcome, and so is a server that is gone before the first write. `change` is its number among the changes
 * of this page, where it was left beside the database before.
 */
export async function saveRecord<Name extends DocumentName>(
  name: Name,
  record: RecordOf<Name>,
  base: RecordOf<DocumentName> | null = null,
  change: number | null = null,
): Promise<RecordOutcome<Name>> {
  // This comes before anything else: changes made while this is on its way follow from it.
  const bases = base ? [base, ...sentSince(record.id, base)] : [];
  noteSent(record, base);
  const writing = await loadWriting();
  return writing ? await writing.writeRecord(name, record, { bases, change }) : NOT_LOADED;
}

/** Loads the code that checks and writes when it is first needed: the bench draws its staff without it. Null where the server is gone. */
async function loadWriting() {
  return await import('./write-record.ts').catch(() => null);
}

const NOT_LOADED = { ok: false, message: storageFailureText('NotLoaded') } as const;
