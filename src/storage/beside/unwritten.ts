import type { DocumentName } from '#core/documents';
import type { RecordOf } from '../../records/record.ts';
import { keepBeside } from './beside.ts';
import { keyOf, keysOf } from './left-keys.ts';
import { THIS_TAB } from '../../records/this-tab.ts';
import { sentSince } from './sent.ts';

/**
 * Leaves a record whose last change is not in the database yet for the next page, with the record before and the changes on their way to
 * the database; `change` is its number among the changes of this page. False where this place is full or shut.
 */
export function keepUnwritten(record: RecordOf<DocumentName>, base: RecordOf<DocumentName> | null, change: number): boolean {
  const left = { ...record, writtenBy: THIS_TAB, change, base, sent: sentSince(record.id, base) };
  return keepBeside(keyOf(record.id), JSON.stringify(left));
}

/** Forgets what was left of this record, because it is in the database. */
export function forgetUnwritten(id: string): void {
  keepBeside(keyOf(id), null);
}

/** Tells whether something was left of a record that could not be written yet. */
export function isLeft(id: string): boolean {
  return keysOf(id).length > 0;
}

/** Forgets whatever any page has left of a record that is deleted. */
export function forgetAllLeft(id: string): void {
  for (const key of keysOf(`${id}/`)) keepBeside(key, null);
}
