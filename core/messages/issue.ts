/** The place of a fault; an empty object when it concerns the whole. */
export interface IssuePlace {
  /** The index in the line, from 0. */
  readonly note?: number;
  /** The characters in a typed text, from one up to another. */
  readonly text?: { readonly from: number; readonly to: number };
  /** The JSON pointer (RFC 6901) into the document that was read. */
  readonly pointer?: string;
}

/** The parts of an issue that the catalogue writes. */
export interface Told {
  /** The right value, in a few words. */
  readonly expected: string;
  /** The value at fault. */
  readonly came: string;
  /** One sentence, with the value at fault in it. */
  readonly message: string;
  /** One sentence that says what would help. */
  readonly hint: string;
}

/** One fault in the input: what it is, where, and what would help. Bad input is data, never an exception. */
export interface Issue extends Told {
  /** The code for programs: the subject and the message's own name, `"lock/below-string"`. */
  readonly code: string;
  /** The place of the fault. */
  readonly where: IssuePlace;
}

/** A function that writes an issue of one subject from the message's name, the values it needs, and the place of the fault. */
export type IssueWriter<Values> = <Name extends keyof Values & string>(name: Name, values: Values[Name], where?: IssuePlace) => Issue;

/** The faults of a document that only a newer version of the application reads. */
const OF_NEWER_VERSION: readonly string[] = ['document/newer-version', 'document/too-much-unknown', 'document/newer-kind'];

/** Tells whether something does not read because a newer version of the application wrote it. */
export function isOfNewerVersion({ code }: Issue): boolean {
  return OF_NEWER_VERSION.includes(code);
}

/** Makes the catalogue of one subject: each message is a function of its own values, and its name is the second half of its code. */
export function issuesAbout<Values extends object>(
  subject: string,
  messages: { readonly [Name in keyof Values]: (values: Values[Name]) => Told },
): IssueWriter<Values> {
  return (name, values, where = {}) => ({ code: `${subject}/${name}`, where, ...messages[name](values) });
}

/** Tells whether an issue is about one of some subjects. */
export function isAbout({ code }: Issue, ...subjects: readonly string[]): boolean {
  return subjects.some((subject) => code.startsWith(`${subject}/`));
}

/** Writes issues one after the other: what is wrong and what would help. */
export function issuesText(issues: readonly Issue[]): string {
  return issues.map(({ message, hint }) => `${message} ${hint}`).join(' ');
}
