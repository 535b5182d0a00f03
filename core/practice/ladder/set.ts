import { type Static, Type } from '@sinclair/typebox';
import { oneOf } from '#core/result';
import { type Miss, MISSES_SAID } from './miss.ts';

/** The rules by which a set is counted: good ones in a row, or in all. */
export const SET_RULES = ['in-a-row', 'in-all'] as const;

/** The largest number of runs in a set. */
export const MOST_RUNS = 40;

const Runs = Type.Integer({
  minimum: 1,
  maximum: MOST_RUNS,
  description: 'The runs of a set; where it is missing, as many as good ones are wanted, and twice as many where they are wanted in a row.',
});

const Spoils = Type.Array(oneOf(MISSES_SAID), {
  maxItems: MISSES_SAID.length,
  description: 'The misses that spoil a run; where it is missing, every one.',
});

/**
 * The schema of a set of repetitions: the number of good ones that make it clean, how they are counted, the number of runs it has, and the
 * misses that spoil a run.
 */
export const SetRule = Type.Object(
  {
    wanted: Type.Integer({ minimum: 1, maximum: 20 }),
    counted: oneOf(SET_RULES),
    runs: Type.Optional(Runs),
    spoils: Type.Optional(Spoils),
  },
  { additionalProperties: false },
);

/** A set of repetitions. */
export type SetRule = Static<typeof SetRule>;

/** The usual set, four good ones of five: one slip is forgiven, a second is a habit. */
export const USUAL_SET: SetRule = { wanted: 4, counted: 'in-all', runs: 5 };

/** The standing of a set: it goes on, it is clean, or it has failed. */
export type SetStanding = 'on' | 'clean' | 'failed';

/** The number of runs for each good one wanted, where they are wanted in a row and nothing else is said. */
const RUNS_FOR_EACH = 2;

/** Counts the good ones so far: those in a row up to the last, or all of them. */
export function goodSoFar({ counted }: Pick<SetRule, 'counted'>, tries: readonly boolean[]): number {
  if (counted === 'in-all') return tries.filter(Boolean).length;
  return tries.length - 1 - tries.lastIndexOf(false);
}

/** Gives the number of good ones that make a set clean: fewer where a cap would leave no room for a single miss. */
export function goodOnesWanted({ wanted }: Pick<SetRule, 'wanted'>, cap: number | null): number {
  return cap === null ? wanted : Math.min(wanted, Math.max(1, cap - 1));
}

/** Gives the number of runs of a set, never fewer than the good ones wanted; a cap (repetitions, null for none) makes it smaller. */
export function runsOfSet({ wanted, counted, runs }: Pick<SetRule, 'wanted' | 'counted' | 'runs'>, cap: number | null): number {
  const asked = runs ?? (counted === 'in-a-row' ? wanted * RUNS_FOR_EACH : wanted);
  return Math.min(Math.max(wanted, asked), cap ?? Infinity);
}

/** Tells whether a miss spoils a run of a set; one that was not said always does. */
export function spoilsRun({ spoils }: Pick<SetRule, 'spoils'>, miss: Miss): boolean {
  return miss === 'unsaid' || spoils === undefined || spoils.includes(miss);
}

/**
 * Gives the standing of a set after some tries, good or spoilt: clean with as many good ones as are wanted, failed as soon as the runs that
 * are left no longer suffice.
 */
export function setStanding(rule: SetRule, tries: readonly boolean[], cap: number | null): SetStanding {
  const wanted = goodOnesWanted(rule, cap);
  const good = goodSoFar(rule, tries);
  if (good >= wanted) return 'clean';
  return good + runsOfSet(rule, cap) - tries.length < wanted ? 'failed' : 'on';
}
