import type { Holds } from '../../records/record.ts';

/** So many pages are remembered of one record: what a page left comes back soon or never. */
const PAGES = 8;

/** What a record holds once a change of a page is in it, too. */
export function holdingToo(holds: Holds | undefined, page: string | null, change: number | null): Holds | undefined {
  if (page === null || change === null) return holds;
  const { [page]: before = 0, ...others } = holds ?? {};
  return Object.fromEntries([...Object.entries(others), [page, Math.max(before, change)] as const].slice(-PAGES));
}

/**
 * Whether a record holds a change of a page already. A browser that is killed forgets what it last did beside the database: what a
 * page had left and taken away again is there once more, and must not be written over what came later.
 */
export function isHeld(holds: Holds | undefined, page: string | null, change: number | null): boolean {
  return page !== null && change !== null && (holds?.[page] ?? -1) >= change;
}
