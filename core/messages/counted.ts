const ENGLISH = new Intl.PluralRules('en');

/** "1 shift", "3 shifts": a number with the noun that goes with it. */
export function counted(count: number, one: string, many: string): string {
  return `${count} ${nounFor(count, one, many)}`;
}

/** The noun that goes with a number. */
export function nounFor(count: number, one: string, many: string): string {
  return ENGLISH.select(count) === 'one' ? one : many;
}

const LIST = new Intl.ListFormat('en-GB', { type: 'conjunction' });

/** "a, b and c". */
export function listed(parts: readonly string[]): string {
  return LIST.format(parts);
}
