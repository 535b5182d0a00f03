/** An argument of a query: plain values, which are the same where they read the same. */
export type Argument = string | number | boolean | null | undefined;

/** A query of something that the browser keeps. */
export interface StoredQuery<Arguments extends readonly Argument[], Value> {
  readonly read: (...args: Arguments) => Promise<Value>;
  /** Whether it reads log, sessions or weeks: those of the demo come after the rest of it. */
  readonly ofPractice?: boolean;
}
