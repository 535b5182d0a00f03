import type { DocumentName } from '#core/documents';
import { type LogEntry, mergedEntries, MOST_ENTRIES } from '#core/practice/log';
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

/** A page of a log with all that it has room for. */
export interface FittedPage {
  readonly page: LogRecord;
  /** The entries for which there is no room: they go to the next page of that day. */
  readonly rest: readonly LogEntry[];
}

/** Fits entries to a page: those that are stored in it stay, and of the others as many are added as it has room for, the earliest first. */
export function fitToPage(page: LogRecord, there: LogRecord | undefined): FittedPage {
  const { entries } = page.document;
  if (entries.length <= MOST_ENTRIES) return { page, rest: [] };
  const stored = new Set(there?.document.entries.map(({ id }) => id));
  const added = entries.filter(({ id }) => !stored.has(id));
  const rest = added.slice(Math.max(0, MOST_ENTRIES - stored.size));
  const left = new Set(rest.map(({ id }) => id));
  return { page: { ...page, document: { ...page.document, entries: entries.filter(({ id }) => !left.has(id)) } }, rest };
}
