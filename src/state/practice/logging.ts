import type { LogEntry } from '#core/practice/log';
import { dayOf, pageOf } from '../../records/log-pages.ts';
import type { Logged } from '../../records/record.ts';
import { keep } from '../keeping/index.ts';
import type { SaveOutcome } from '../../storage/writing/index.ts';

/** The entries that are on their way into the database, by the page they go to. */
const unwritten = new Map<string, readonly LogEntry[]>();

/**
 * Writes an entry into a player's log: at once where the next page finds it, then into the database, together with those still on their way
 * there. Nothing that is there is written over.
 */
export async function logEntry(whose: Logged, entry: LogEntry): Promise<SaveOutcome> {
  const page = pageOf(whose, dayOf(entry.at), [entry]);
  const waiting = [...(unwritten.get(page.id) ?? []), entry];
  unwritten.set(page.id, waiting);
  const outcome = await keep('log', { ...page, document: { ...page.document, entries: [...waiting] } }, null);
  // A later entry takes this one along.
  if (outcome === null) return { ok: true };
  if (outcome.ok) {
    forgetWritten(page.id, waiting);
    return { ok: true };
  }
  void outcome.later.then((kept) => kept && forgetWritten(page.id, waiting));
  return { ok: false, message: outcome.message };
}

/** Notes that entries have come to their page. */
function forgetWritten(pageId: string, entries: readonly LogEntry[]): void {
  const sent = new Set(entries.map(({ id }) => id));
  unwritten.set(
    pageId,
    (unwritten.get(pageId) ?? []).filter(({ id }) => !sent.has(id)),
  );
}
