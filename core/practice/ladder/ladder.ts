import { type Static, Type } from '@sinclair/typebox';
import { soundingTimes } from '#core/material/line';
import type { Plan } from '#core/plan/describe';
import { oneOf } from '#core/result';
import type { SetStanding } from './set.ts';

/** The tempos that a ladder can have. */
const TEMPOS = { least: 20, most: 240 } as const;

const Tempo = Type.Integer({ minimum: TEMPOS.least, maximum: TEMPOS.most, description: 'Quarter notes a minute.' });

/**
 * The rules that move a ladder: one clean set up and a failed one down; two clean ones up; a clean one up and never down; or a failed one
 * back to the first rung.
 */
export const LADDER_RULES = ['up-and-down', 'two-up', 'never-down', 'back-to-start'] as const;

/**
 * The schema of a tempo ladder: from a tempo to another by steps; before it notes held for beats, after it more notes to a bow, where
 * wanted.
 */
export const Ladder = Type.Object(
  {
    from: Tempo,
    to: Tempo,
    step: Type.Integer({ minimum: 1, maximum: 60 }),
    heldFirst: Type.Boolean({ description: 'First four beats to a note, then two, then one.' }),
    bows: Type.Array(Type.Integer({ minimum: 2, maximum: 16 }), { maxItems: 4, description: 'Notes to a bow, at the last tempo.' }),
    rule: oneOf(LADDER_RULES),
  },
  { additionalProperties: false },
);

/** A tempo ladder. */
export type Ladder = Static<typeof Ladder>;

/** The share of its goal at which a ladder begins, on a tempo that metronomes have. */
const FIRST_SHARE = 0.6;
const ROUNDED_TO = 4;

/** Gives the ladder that leads to a tempo unless something else is chosen. */
export function ladderTo(tempo: number): Ladder {
  const within = (wanted: number): number => Math.min(TEMPOS.most, Math.max(TEMPOS.least, Math.round(wanted)));
  const from = within(ROUNDED_TO * Math.round((tempo * FIRST_SHARE) / ROUNDED_TO));
  return { from, to: within(tempo), step: 8, heldFirst: false, bows: [], rule: 'up-and-down' };
}

/** A rung of a ladder, with the way of playing on it. */
export interface Rung {
  /** The tempo in quarter notes a minute. */
  readonly tempo: number;
  /** The number of beats every note is held; null for the rhythm as it is written. */
  readonly beatsPerNote: number | null;
  /** The number of notes to a bow; null as it is written. */
  readonly notesPerBow: number | null;
}

/** The numbers of beats that each note may be held before the rhythm is played. */
const HELD = [4, 2, 1] as const;

/** Lists the rungs of a ladder from the first to the last; the last tempo is the goal itself, whatever the step. */
export function rungsOf({ from, to, step, heldFirst, bows }: Ladder): readonly Rung[] {
  const up = to >= from;
  const count = Math.ceil(Math.abs(to - from) / step);
  const tempos = Array.from({ length: count + 1 }, (_, order) => (order === count ? to : from + (up ? order : -order) * step));
  return [
    ...(heldFirst ? HELD.map((beatsPerNote) => ({ tempo: from, beatsPerNote, notesPerBow: null })) : []),
    ...tempos.map((tempo) => ({ tempo, beatsPerNote: null, notesPerBow: null })),
    ...bows.map((notesPerBow) => ({ tempo: to, beatsPerNote: null, notesPerBow })),
  ];
}

/** The place of a player on a ladder. */
export interface OnLadder {
  /** The index of the rung; the number of rungs when the last was clean. */
  readonly rung: number;
  /** The clean sets in a row on it. */
  readonly clean: number;
}

/** The place at the foot of a ladder. */
export const AT_THE_FOOT: OnLadder = { rung: 0, clean: 0 };

/** Gives the number of clean sets in a row that move a ladder up. */
export function setsARung({ rule }: Pick<Ladder, 'rule'>): number {
  return rule === 'two-up' ? 2 : 1;
}

/** Gives the place of a player after a set. */
export function afterSet({ rule }: Pick<Ladder, 'rule'>, { rung, clean }: OnLadder, standing: Exclude<SetStanding, 'on'>): OnLadder {
  if (standing === 'failed') return { rung: afterFailing(rule, rung), clean: 0 };
  const enough = clean + 1 >= setsARung({ rule });
  return enough ? { rung: rung + 1, clean: 0 } : { rung, clean: clean + 1 };
}

function afterFailing(rule: Ladder['rule'], rung: number): number {
  switch (rule) {
    case 'up-and-down':
    case 'two-up':
      return Math.max(0, rung - 1);
    case 'never-down':
      return rung;
    case 'back-to-start':
      return 0;
  }
}

const SECONDS_A_MINUTE = 60;

/** The number of quarters in a whole note. */
const QUARTERS = 4;

/**
 * Gives the time that some notes of a plan (line indexes, both inclusive) take on a rung, seconds; rests are kept in the rhythm as written
 * only.
 */
export function secondsOfRun(plan: Plan, { from, to }: { readonly from: number; readonly to: number }, rung: Rung): number {
  if (rung.beatsPerNote !== null) {
    const sounding = plan.notes.slice(from, to + 1).filter(({ kind }) => kind === 'note').length;
    return (sounding * rung.beatsPerNote * SECONDS_A_MINUTE) / rung.tempo;
  }
  const times = soundingTimes(plan.line);
  const [first, last] = [times[from], times[to]];
  const whole = first && last ? last.onset + last.length - first.onset : 0;
  return (whole * QUARTERS * SECONDS_A_MINUTE) / rung.tempo;
}

/** Gives the time of a whole ladder where every set is clean at once, with a number of runs to a set, seconds. */
export function secondsOfLadder(plan: Plan, passage: { readonly from: number; readonly to: number }, ladder: Ladder, runs: number): number {
  return rungsOf(ladder).reduce((sum, rung) => sum + setsARung(ladder) * runs * secondsOfRun(plan, passage, rung), 0);
}
