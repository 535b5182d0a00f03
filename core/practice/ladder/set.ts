import { type Static, Type } from '@sinclair/typebox';
import { oneOf } from '#core/result';

/** The rules by which a set is counted: good ones in a row, or in all. */
export const SET_RULES = ['in-a-row', 'in-all'] as const;

/** The schema of a set of repetitions: the number of good ones that make it clean, and how they are counted. */
export const SetRule = Type.Object(
  { wanted: Type.Integer({ minimum: 1, maximum: 20 }), counted: oneOf(SET_RULES) },
  { additionalProperties: false },
);

/** A set of repetitions. */
export type SetRule = Static<typeof SetRule>;

/** The usual set of five in all: enough to know, few enough to listen. */
export const USUAL_SET: SetRule = { wanted: 5, counted: 'in-all' };

/** The standing of a set: it goes on, it is clean, or it has failed. */
export type SetStanding = 'on' | 'clean' | 'failed';

/** The number of tries for each good one wanted, after which a set fails. */
const TRIES_FOR_EACH = 2;

/** Counts the good ones so far: those in a row up to the last, or all of them. */
export function goodSoFar({ counted }: Pick<SetRule, 'counted'>, tries: readonly boolean[]): number {
  if (counted === 'in-all') return tries.filter(Boolean).length;
  return tries.length - 1 - tries.lastIndexOf(false);
}

/** Gives the number of good ones that make a set clean: fewer where a cap would leave no room for a single miss. */
export function goodOnesWanted({ wanted }: Pick<SetRule, 'wanted'>, cap: number | null): number {
  return cap === null ? wanted : Math.min(wanted, Math.max(1, cap - 1));
}

/** Gives the largest number of tries of a set; a cap (repetitions, null for none) makes it smaller. */
function mostTries({ wanted }: Pick<SetRule, 'wanted'>, cap: number | null): number {
  return Math.min(wanted * TRIES_FOR_EACH, cap ?? Infinity);
}

/**
 * Gives the standing of a set after some tries, good or not: clean with as many good ones as are wanted, failed when the tries are used up.
 */
export function setStanding(rule: SetRule, tries: readonly boolean[], cap: number | null): SetStanding {
  if (goodSoFar(rule, tries) >= goodOnesWanted(rule, cap)) return 'clean';
  return tries.length >= mostTries(rule, cap) ? 'failed' : 'on';
}
