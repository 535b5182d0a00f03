/** The largest number of open pieces; the one opened first makes room. */
const MOST_OPEN = 8;

/** Gives the ids of the open pieces once one more is open. */
export function withOpened(ids: readonly string[], id: string): readonly string[] {
  return ids.includes(id) ? ids : [...ids, id].slice(-MOST_OPEN);
}
