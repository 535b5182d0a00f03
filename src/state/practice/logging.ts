import type { LogEntry, LogWhat } from '#core/practice';
import { dayOf, type Logged, newEntry, pageOf } from '../../storage/log-page.ts';
import { keepInStudio } from '../studio-saving.ts';

/** Entries that are on their way into the database, by the page they go to. */
const unwritten = new Map<string, readonly LogEntry[]>();

/** What became of an entry. */
export type EntryOutcome = { readonly ok: true; readonly entry: LogEntry } | { readonly ok: false; readonly message: string };

/**
 * Writes an entry into a player's log: at once where the next page finds it, then into the database, together with what is still on
 * its way there. Nothing that is there is written over.
 */
export async function logEntry(whose: Logged, what: LogWhat): Promise<EntryOutcome> {
  const entry = newEntry(what);
  const page = pageOf(whose, dayOf(entry.at), [entry]);
  const waiting = [...(unwritten.get(page.id) ?? []), entry];
  unwritten.set(page.id, waiting);
  const outcome = await keepInStudio('log', { ...page, document: { ...page.document, entries: [...waiting] } }, null);
  if (!outcome.ok) return { ok: false, message: outcome.message };
  const sent = new Set(waiting.map(({ id }) => id));
  unwritten.set(
    page.id,
    (unwritten.get(page.id) ?? []).filter(({ id }) => !sent.has(id)),
  );
  return { ok: true, entry };
}
