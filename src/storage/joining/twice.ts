/** A value that two pages have changed at once. */
export interface Twice<Value> {
  /** The value as the first page read it, and the values it has sent to the database since: each may be what the other page began with. */
  readonly bases: readonly Value[];
  readonly here: Value;
  readonly there: Value;
  /** The value that counts where both have changed the same. */
  readonly counts: 'here' | 'there';
}
