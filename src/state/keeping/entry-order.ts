import { type LogEntry, type LogWhat, orderOf } from '#core/practice/log';
import { newEntry } from '../../records/log-pages.ts';
import { keepBeside, textBeside } from '../../storage/beside/index.ts';

/** The key beside the database for the place of the last entry in the order of entries, for every tab. */
const LAST = 'dove-path/last-entry';

let last = -Infinity;

/** Makes an entry at this moment; it comes after every other that this browser knows, even where the clock was put back. */
export function nextEntry(what: LogWhat): LogEntry {
  const beside = Number(textBeside(LAST) ?? Number.NaN);
  const entry = newEntry(what, Date.now(), Number.isSafeInteger(beside) ? Math.max(last, beside) : last);
  last = orderOf(entry);
  keepBeside(LAST, String(last));
  return entry;
}

/** Takes note of entries that were read: later entries come after them. */
export function noteOrder(entries: readonly LogEntry[]): void {
  for (const entry of entries) last = Math.max(last, orderOf(entry));
}
