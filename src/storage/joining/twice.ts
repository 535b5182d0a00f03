/** A value that two pages have changed at once. */
export interface Twice<Value> {
  /** How the first page read it, and what it has sent to the database since: each may be what the other page began with. */
  readonly bases: readonly Value[];
  readonly here: Value;
  readonly there: Value;
  /** Which counts where both have changed the same. */
  readonly counts: 'here' | 'there';
}
