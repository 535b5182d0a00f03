/** What a query can be asked with: plain values, which are the same where they read the same. */
export type Argument = string | number | boolean | null | undefined;

/** Something that is read of what the browser keeps. */
export interface StoredQuery<Arguments extends readonly Argument[], Value> {
  readonly read: (...args: Arguments) => Promise<Value>;
  /** It reads log, sessions or weeks: those of the demo come after the rest of it. */
  readonly ofPractice?: boolean;
}
