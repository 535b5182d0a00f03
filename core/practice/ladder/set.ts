import { type Static, Type } from '@sinclair/typebox';
import { oneOf } from '#core/result';

/** How a set is counted: so many good ones in a row, or in all. */
export const SET_RULES = ['in-a-row', 'in-all'] as const;

/** A set of repetitions: how many good ones make it clean, and how they are counted. */
export const SetRule = Type.Object(
  { wanted: Type.Integer({ minimum: 1, maximum: 20 }), counted: oneOf(SET_RULES) },
  { additionalProperties: false },
);

/** A set of repetitions. */
export type SetRule = Static<typeof SetRule>;

/** Five in all: enough to know, few enough to listen. */
export const USUAL_SET: SetRule = { wanted: 5, counted: 'in-all' };

/** How a set stands: it goes on, it is clean, or it has failed. */
export type SetStanding = 'on' | 'clean' | 'failed';

/** A set fails when it has had so many tries for each good one that is wanted. */
const TRIES_FOR_EACH = 2;

/** How many good ones count so far: those in a row up to the last, or all of them. */
export function goodSoFar({ counted }: Pick<SetRule, 'counted'>, tries: readonly boolean[]): number {
  if (counted === 'in-all') return tries.filter(Boolean).length;
  return tries.length - 1 - tries.lastIndexOf(false);
}

/** How many good ones make a set clean: fewer where a cap would leave no room for a single miss. */
export function wantedOf({ wanted }: Pick<SetRule, 'wanted'>, cap: number | null): number {
  return cap === null ? wanted : Math.min(wanted, Math.max(1, cap - 1));
}

/** How many tries a set has at most; a cap (repetitions, null for none) makes it shorter. */
export function mostTries({ wanted }: Pick<SetRule, 'wanted'>, cap: number | null): number {
  return Math.min(wanted * TRIES_FOR_EACH, cap ?? Infinity);
}

/**
 * How a set stands after some tries, good or not: clean with as many good ones as are wanted, failed when the tries are used up.
 */
export function setStanding(rule: SetRule, tries: readonly boolean[], cap: number | null): SetStanding {
  if (goodSoFar(rule, tries) >= wantedOf(rule, cap)) return 'clean';
  return tries.length >= mostTries(rule, cap) ? 'failed' : 'on';
}
