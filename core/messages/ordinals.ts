const WORDS = [
  'first',
  'second',
  'third',
  'fourth',
  'fifth',
  'sixth',
  'seventh',
  'eighth',
  'ninth',
  'tenth',
  'eleventh',
  'twelfth',
  'thirteenth',
  'fourteenth',
] as const;

/** Writes the place of something in a row, counted from 1: "first", "third"; "21st" where no word is usual. */
export function ordinalText(place: number): string {
  return WORDS[place - 1] ?? `${place}${ordinalSuffix(place)}`;
}

/** Writes the ending of an ordinal in figures: "st" after 1, "th" after 11. */
export function ordinalSuffix(place: number): string {
  if (place % 100 >= 11 && place % 100 <= 13) return 'th';
  return { 1: 'st', 2: 'nd', 3: 'rd' }[place % 10] ?? 'th';
}
