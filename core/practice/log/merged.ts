import type { LogEntry } from './entry.ts';
import { inOrder } from './order.ts';

/**
 * Joins the entries of a log with those of another copy of it, each once, in their order: in whatever order copies come and however often,
 * they end in the same log. Entries are never changed: where another copy says something else under the same id, the one that is `here`
 * stays.
 */
export function mergedEntries(here: readonly LogEntry[], other: readonly LogEntry[]): readonly LogEntry[] {
  const all = new Map([...other, ...here].map((entry) => [entry.id, entry]));
  return inOrder([...all.values()]);
}
