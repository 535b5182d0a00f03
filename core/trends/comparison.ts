import type { Arrival } from './arrival.ts';

/** The features by which misses are compared. */
export const COMPARED_BY = [
  'finger',
  'string',
  'finger-and-string',
  'finger-on-two-strings',
  'position',
  'shift',
  'shift-from-finger',
  'shift-to-finger',
] as const;

/** A feature by which misses are compared. */
export type ComparedBy = (typeof COMPARED_BY)[number];

/** The largest number of groups of each: five fingers with the thumb, five strings and ten pairs of them, two directions. */
const MOST: Readonly<Record<ComparedBy, number>> = {
  finger: 5,
  string: 5,
  'finger-and-string': 25,
  'finger-on-two-strings': 50,
  position: 20,
  shift: 2,
  'shift-from-finger': 10,
  'shift-to-finger': 10,
};

/** The grouping of an arrival in each comparison, into groups or into none; `strings` are all that are played, by their open notes. */
const GROUPS: Readonly<Record<ComparedBy, (arrival: Arrival, strings: readonly string[]) => readonly string[]>> = {
  finger: ({ finger }) => [finger],
  string: ({ string }) => [string],
  'finger-and-string': ({ finger, string }) => [`${finger} ${string}`],
  'finger-on-two-strings': ({ finger, string }, strings) =>
    strings
      .filter((other) => other !== string)
      .map((other) => `${finger} ${string < other ? string : other} ${string < other ? other : string}`),
  position: ({ position }) => [position],
  shift: ({ shift }) => (shift ? [shift.way] : []),
  'shift-from-finger': ({ shift }) => (shift ? [`${shift.way} ${shift.fromFinger}`] : []),
  'shift-to-finger': ({ shift }) => (shift ? [`${shift.way} ${shift.toFinger}`] : []),
};

/** Lists the groups to which an arrival belongs. */
export function groupsOf(by: ComparedBy, arrival: Arrival, strings: readonly string[]): readonly string[] {
  return GROUPS[by](arrival, strings);
}

/** The number of cases in a hundred in which all comparisons together may be wrong about a player who has no weakness. */
const WRONG_AT_MOST = 0.05;

/** Gives the evidence that one comparison needs, so that all of them together keep to that limit: each kind has the same share. */
export function evidenceAsked(by: ComparedBy): number {
  return (COMPARED_BY.length * MOST[by]) / WRONG_AT_MOST;
}

/**
 * Gives the strength of evidence of some misses against even odds of flat and sharp: the factor by which a gambler who bets on either side
 * has won. By chance a factor of 20 comes up in at most one case of twenty, however often one looks (Ville's inequality). The bet is spread
 * over all odds as Krichevsky and Trofimov do, for k flat of n: 2ⁿ · ½ · 1½ ⋯ (k−½) · ½ · 1½ ⋯ (n−k−½) / n!
 */
export function evidenceAgainstEvenOdds(flat: number, sharp: number): number {
  // The sum is in logarithms, because the product of a thousand misses in one direction would overflow before the others bring it down.
  return Math.exp(sumTo(LOG_OF_ODDS, flat) + sumTo(LOG_OF_ODDS, sharp) - sumTo(LOG_OF_COUNT, flat + sharp));
}

/** The sums of logarithms, of 2(m − ½) and of m for the misses m = 1, 2, 3 …, as far as they have been asked for. */
const LOG_OF_ODDS: LogSums = { of: (miss) => Math.log(2 * (miss - 0.5)), sums: [0] };
const LOG_OF_COUNT: LogSums = { of: Math.log, sums: [0] };

interface LogSums {
  readonly of: (miss: number) => number;
  /** The sums by number of misses; the list grows. */
  readonly sums: number[];
}

function sumTo({ of, sums }: LogSums, misses: number): number {
  for (let miss = sums.length; miss <= misses; miss += 1) sums.push((sums[miss - 1] ?? 0) + of(miss));
  return sums[misses] ?? 0;
}
