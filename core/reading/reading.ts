/**
 * What kind of thing went wrong, for programs; people read the message.
 *
 * - `pitch`: a text that is no pitch; - `empty`: nothing to plan; - `too-long`: more notes than the limit;
 * - `range`: a note the instrument or the school cannot reach; - `limit`: a note that the teacher's limits exclude;
 * - `lock`: a locked finger or string that no hand can play; - `instrument`: an instrument that cannot be strung so;
 * - `syntax`: a text that is not in the form expected; - `schema`: a document that does not match its schema;
 * - `version`: a document of a newer version; - `size`: a body over the limit.
 */
export type IssueCode =
  'pitch' | 'empty' | 'too-long' | 'range' | 'limit' | 'lock' | 'instrument' | 'syntax' | 'schema' | 'version' | 'size';

/** Where the thing that went wrong stands; an empty object when it concerns the whole. */
export interface IssuePlace {
  /** Index in the line, from 0. */
  readonly note?: number;
  /** JSON pointer (RFC 6901) into the document read. */
  readonly pointer?: string;
}

/** One thing wrong with what was given: what it is, where, and what would help. Bad input is data, never an exception. */
export interface Issue {
  readonly code: IssueCode;
  readonly where: IssuePlace;
  /** One sentence, with the value at fault in it. */
  readonly message: string;
  /** One sentence that says what would help. */
  readonly hint: string;
}

/** The outcome of reading something given by a person or a file: the value, or all that is wrong with it. */
export type Reading<Value> = { readonly ok: true; readonly value: Value } | { readonly ok: false; readonly issues: readonly Issue[] };

/** A reading that succeeded. */
export function goodReading<Value>(value: Value): Reading<Value> {
  return { ok: true, value };
}

/** A reading that failed; at least one issue. */
export function badReading(...issues: readonly [Issue, ...Issue[]]): { readonly ok: false; readonly issues: readonly Issue[] } {
  return { ok: false, issues };
}
