import type { Issue } from '#core/messages';

/** The result of reading something given by a person or a file: the value, or all that is wrong with it. */
export type Reading<Value> = Read<Value> | Unread;

/** A reading that succeeded. */
export interface Read<Value> {
  /** True where it could be read. */
  readonly ok: true;
  /** The value that was read. */
  readonly value: Value;
}

/** A reading that failed. */
export interface Unread {
  /** False where it could not be read. */
  readonly ok: false;
  /** The issues, at least one. */
  readonly issues: readonly Issue[];
}

/** Makes a reading that succeeded. */
export function goodReading<Value>(value: Value): Reading<Value> {
  return { ok: true, value };
}

/** Makes a reading that failed; at least one issue. */
export function badReading(...issues: readonly [Issue, ...Issue[]]): Unread {
  return { ok: false, issues };
}

/** Gives the value where there are no issues, else the issues. */
export function readingOf<Value>(value: Value, issues: readonly Issue[]): Reading<Value> {
  return issues.length === 0 ? goodReading(value) : { ok: false, issues };
}
