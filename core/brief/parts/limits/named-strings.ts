import type { Instrument } from '#core/instrument';
import { type Issue, type IssuePlace, limitIssue } from '#core/messages';

/** Finds the index of the string with an open note, 0 for string I; null where there is none. */
export function stringIndexOf({ strings }: Instrument, name: string): number | null {
  const index = strings.findIndex((string) => string.name === name);
  return index < 0 ? null : index;
}

/** Reports that the instrument has no such string. */
export function unknownString(name: string, { strings }: Instrument, where: IssuePlace): Issue {
  return limitIssue('unknown-string', { name, known: strings.map((string) => string.name) }, where);
}
