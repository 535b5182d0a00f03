import type { Brief } from '#core/brief';
import type { Issue } from '#core/messages';
import { type PlanOutcome, planSteps } from '#core/plan';
import type { Plan, PlannedNote } from '#core/plan/describe';
import type { Steps } from '#core/result';
import { fingeredOtherwise } from './differences.ts';

/** The change of a piece when its instrument or player changes. */
export type WhatChanged =
  /** The reasons why it cannot be planned now. */
  | { readonly kind: 'no-longer-planned'; readonly issues: readonly Issue[] }
  /** The brief could not be planned before. */
  | { readonly kind: 'planned-again' }
  /** The differences of the plan. */
  | {
      readonly kind: 'planned';
      /** The line indexes of the notes that get another string or finger. */
      readonly otherwise: readonly number[];
      /** The numbers of shifts before and after. */
      readonly shifts: readonly [number, number];
      /** The widest reaches before and after, mm. */
      readonly widestMm: readonly [number, number];
      /** The line indexes of the notes that become a stretch. */
      readonly nowStretched: readonly number[];
      /** The line indexes of the notes that are no longer a stretch. */
      readonly nowComfortable: readonly number[];
      /** The largest distance that any place on the string moves, mm. */
      readonly movedMm: number;
    };

/** Plans a brief as it was and as it is, and compares the plans; null where neither can be planned. */
export function* whatChanged(before: Brief, after: Brief): Steps<WhatChanged | null> {
  const was = yield* planSteps(before);
  yield;
  return comparedOutcomes(was, yield* planSteps(after));
}

function comparedOutcomes(before: PlanOutcome, after: PlanOutcome): WhatChanged | null {
  if (!after.ok) return before.ok ? { kind: 'no-longer-planned', issues: after.issues } : null;
  return before.ok ? comparedPlans(before.value.best, after.value.best) : { kind: 'planned-again' };
}

function comparedPlans(before: Plan, after: Plan): WhatChanged {
  const those = (differs: (was: PlannedNote, is: PlannedNote) => boolean): readonly number[] =>
    after.notes.flatMap((note, index) => {
      const was = before.notes[index];
      return was && differs(was, note) ? [index] : [];
    });
  const otherwise = fingeredOtherwise(before, after);
  const apart = new Set(otherwise);
  const alike = after.notes.flatMap((_, index) => (apart.has(index) ? [] : [index]));
  return {
    kind: 'planned',
    otherwise,
    shifts: [before.shifts.length, after.shifts.length],
    widestMm: [widestMm(before), widestMm(after)],
    nowStretched: those((was, is) => !isStretched(was) && isStretched(is)),
    nowComfortable: those((was, is) => isStretched(was) && !isStretched(is)),
    movedMm: Math.max(0, ...alike.slice(0, MOST_COMPARED).map((index) => distanceMoved(before, after, index))),
  };
}

/** The largest number of arguments in one call of `Math.max`: the longest line there is. */
const MOST_COMPARED = 10_000;

function isStretched(note: PlannedNote): boolean {
  return note.kind === 'note' && note.reach?.judged?.verdict === 'stretch';
}

function widestMm({ notes }: Plan): number {
  return notes.reduce((widest, note) => Math.max(widest, note.kind === 'note' ? (note.reach?.needMm ?? 0) : 0), 0);
}

function distanceMoved(before: Plan, after: Plan, index: number): number {
  const [was, is] = [before.notes[index], after.notes[index]];
  return was?.kind === 'note' && is?.kind === 'note' ? Math.abs(is.stops[0].mmFromNut - was.stops[0].mmFromNut) : 0;
}
