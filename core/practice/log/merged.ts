import type { LogEntry } from './entry.ts';

/**
 * The entries of a log with those of another copy of it, each once, in the order of time: in whatever order copies come and however
 * often, they end in the same log. Entries are never changed: where another copy says something else under the same id, what is
 * `here` stays.
 */
export function mergedEntries(here: readonly LogEntry[], other: readonly LogEntry[]): readonly LogEntry[] {
  const all = new Map([...other, ...here].map((entry) => [entry.id, entry]));
  return [...all.values()].toSorted((one, next) => one.at - next.at || compared(one.id, next.id));
}

/** By code points: the same in every browser and language. */
function compared(one: string, other: string): number {
  return one === other ? 0 : one < other ? -1 : 1;
}
