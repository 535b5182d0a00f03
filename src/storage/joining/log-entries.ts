import type { DocumentName } from '#core/documents';
import { type LogEntry, mergedEntries } from '#core/practice/log';
import type { LogRecord, RecordOf } from '../../records/record.ts';

/**
 * Adds the stored entries to a page of a log: entries are only ever added, so that two pages are always one with the entries of both, each
 * once, in the order of time. Anything else stays as it is.
 */
export function withEntriesThere<Name extends DocumentName>(record: RecordOf<Name>, there: RecordOf<Name> | undefined): RecordOf<Name> {
  if (!there || !isLog(record) || !isLog(there)) return record;
  const entries = mergedEntries(there.document.entries, record.document.entries);
  return Object.assign({}, record, { document: { ...record.document, entries } });
}

/** Tells whether a record is a page of a log. */
export function isLogRecord(record: RecordOf<DocumentName>): record is LogRecord {
  return isLog(record);
}

/** Tells whether a record is a page of a log: nothing in it is written over, and no versions are kept of it. */
export function isLog(record: { readonly document: object }): record is { readonly document: { readonly entries: readonly LogEntry[] } } {
  return 'entries' in record.document;
}
