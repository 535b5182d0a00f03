import type { LogEntry } from './entry.ts';

/**
 * Gives the place of an entry among others, as a moment (ms since 1970): that at which it was written, or later where the clock was put
 * back before it. Days come from `at`; the order of two entries comes from here.
 */
export function orderOf({ at, order }: Pick<LogEntry, 'at' | 'order'>): number {
  return order ?? at;
}

/** Sorts entries into their order. */
export function inOrder<Entry extends LogEntry>(entries: readonly Entry[]): readonly Entry[] {
  return entries.toSorted((one, next) => orderOf(one) - orderOf(next) || one.at - next.at || compareTexts(one.id, next.id));
}

/** Compares by code points, which is the same in every browser and language. */
function compareTexts(one: string, other: string): number {
  return one === other ? 0 : one < other ? -1 : 1;
}
