const ENGLISH = new Intl.PluralRules('en');

/** Writes a number with the noun that goes with it: "1 shift", "3 shifts". */
export function countText(count: number, one: string, many: string): string {
  return `${count} ${nounFor(count, one, many)}`;
}

/** Gives the noun that goes with a number. */
export function nounFor(count: number, one: string, many: string): string {
  return ENGLISH.select(count) === 'one' ? one : many;
}

const LIST = new Intl.ListFormat('en-GB', { type: 'conjunction' });

const CHOICE = new Intl.ListFormat('en-GB', { type: 'disjunction' });

/** Writes a choice: "a, b or c". */
export function choiceText(parts: readonly string[]): string {
  return CHOICE.format(parts);
}

/** Writes a list: "a, b and c". */
export function listText(parts: readonly string[]): string {
  return LIST.format(parts);
}
