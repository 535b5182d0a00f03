/** The rhythms in which a line is practised: shares of each note's length, one after the other, that add up to the lengths they replace. */
export const LENGTH_PATTERNS = {
  even: [],
  'long-short': ['3/2', '1/2'],
  'short-long': ['1/2', '3/2'],
  triplets: ['2/3'],
  'triplet-long-short': ['4/3', '2/3'],
  'triplet-short-long': ['2/3', '4/3'],
  'long-two-short': ['2/1', '1/2', '1/2'],
  'two-short-long': ['1/2', '1/2', '2/1'],
  'long-three-short': ['2/1', '2/3', '2/3', '2/3'],
  'three-short-long': ['2/3', '2/3', '2/3', '2/1'],
} as const satisfies Readonly<Record<string, readonly string[]>>;

/** A rhythm to practise in. */
export type LengthPattern = keyof typeof LENGTH_PATTERNS;

/** The bowings in which a line is practised, as the number of notes to each bow, one after the other. */
export const BOW_PATTERNS = {
  'two-slurred-two-separate': [2, 1, 1],
  'two-separate-two-slurred': [1, 1, 2],
  'three-slurred-one-separate': [3, 1],
  'one-separate-three-slurred': [1, 3],
  'one-two-one': [1, 2, 1],
  'two-slurred-one-separate': [2, 1],
  'one-separate-two-slurred': [1, 2],
} as const satisfies Readonly<Record<string, readonly number[]>>;

/** A bowing to practise in. */
export type BowPattern = keyof typeof BOW_PATTERNS;

/** The patterns of accents: one note of this number carries the accent. */
export const ACCENTS = {
  none: null,
  'first-of-two': { every: 2, on: 1 },
  'second-of-two': { every: 2, on: 2 },
  'first-of-three': { every: 3, on: 1 },
  'first-of-four': { every: 4, on: 1 },
  'third-of-four': { every: 4, on: 3 },
} as const satisfies Readonly<Record<string, { readonly every: number; readonly on: number } | null>>;

/** A pattern of accents. */
export type AccentPattern = keyof typeof ACCENTS;

/** Finds the name under which a list of these is known; null for one of the teacher's own. */
export function patternNamed<Name extends string>(patterns: Readonly<Record<Name, unknown>>, pattern: unknown): Name | null {
  const written = JSON.stringify(pattern);
  const names: readonly Name[] = namesOf(patterns);
  return names.find((name) => JSON.stringify(patterns[name]) === written) ?? null;
}

/** Lists the names of a table, in order. */
export function namesOf<Name extends string>(patterns: Readonly<Record<Name, unknown>>): readonly Name[] {
  return Object.keys(patterns).filter((name): name is Name => name in patterns);
}
