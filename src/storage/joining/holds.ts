import type { Holds } from '../../records/record.ts';

/** The number of pages remembered of one record: a change that a page left comes back soon or never. */
const PAGES = 8;

/** Adds the change of a page to the changes that a record holds. */
export function holdingToo(holds: Holds | undefined, page: string | null, change: number | null): Holds | undefined {
  if (page === null || change === null) return holds;
  const { [page]: before = 0, ...others } = holds ?? {};
  return Object.fromEntries([...Object.entries(others), [page, Math.max(before, change)] as const].slice(-PAGES));
}

/**
 * Tells whether a record has a change of a page already. A browser that is killed forgets its last actions beside the database: a change
 * that a page had left and removed again is there once more, and must not be written over later ones.
 */
export function isHeld(holds: Holds | undefined, page: string | null, change: number | null): boolean {
  return page !== null && change !== null && (holds?.[page] ?? -1) >= change;
}
