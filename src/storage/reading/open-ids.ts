/** How many pieces stand open at most; the one opened first makes room. */
const MOST_OPEN = 8;

/** The ids of the pieces that stand open once one more does. */
export function withOpened(ids: readonly string[], id: string): readonly string[] {
  return ids.includes(id) ? ids : [...ids, id].slice(-MOST_OPEN);
}
