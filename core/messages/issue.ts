/** Where the thing that is wrong stands; an empty object when it concerns the whole. */
export interface IssuePlace {
  /** Index in the line, from 0. */
  readonly note?: number;
  /** In a text that was typed, from one character up to another. */
  readonly text?: { readonly from: number; readonly to: number };
  /** JSON pointer (RFC 6901) into the document that was read. */
  readonly pointer?: string;
}

/** What a message says: the parts of an issue that the catalogue writes. */
export interface Told {
  /** What would have been right, in a few words. */
  readonly expected: string;
  /** What was there instead: the value at fault. */
  readonly came: string;
  /** One sentence, with the value at fault in it. */
  readonly message: string;
  /** One sentence that says what would help. */
  readonly hint: string;
}

/** One thing wrong with what was given: what it is, where, and what would help. Bad input is data, never an exception. */
export interface Issue extends Told {
  /** For programs: the subject and the message's own name, `"lock/below-string"`. */
  readonly code: string;
  /** Where it stands. */
  readonly where: IssuePlace;
}

/** Writes an issue of one subject: the message's name, the values it needs, and where the fault stands. */
export type IssueWriter<Values> = <Name extends keyof Values & string>(name: Name, values: Values[Name], where?: IssuePlace) => Issue;

/** The catalogue of one subject: each message is a function of its own values, and its name is the second half of its code. */
export function issuesAbout<Values extends object>(
  subject: string,
  messages: { readonly [Name in keyof Values]: (values: Values[Name]) => Told },
): IssueWriter<Values> {
  return (name, values, where = {}) => ({ code: `${subject}/${name}`, where, ...messages[name](values) });
}

/** Whether an issue is about one of some subjects. */
export function isAbout({ code }: Issue, ...subjects: readonly string[]): boolean {
  return subjects.some((subject) => code.startsWith(`${subject}/`));
}

/** All that some issues say, one sentence after the other: what is wrong and what would help. */
export function issuesText(issues: readonly Issue[]): string {
  return issues.map(({ message, hint }) => `${message} ${hint}`).join(' ');
}
