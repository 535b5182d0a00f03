import { type Asked, ASKED_PARTS, type Brief } from '#core/brief';
import { describe, type Plan } from '#core/plan/describe';
import type { Steps } from '#core/result';
import { solveBrief } from '#core/solve';
import { fingeredOtherwise, type PlanSums, samePrices, sumsOf } from './differences.ts';

/** The effect of one part of the brief on the plan: the totals with it and without, and the notes it moves. */
export interface Effect {
  /** The part of the brief. */
  readonly asked: Asked;
  /** The totals with this part, and without it. */
  readonly sums: readonly [PlanSums, PlanSums];
  /** Whether both are priced alike, so that their costs may be compared. */
  readonly priced: boolean;
  /** The line indexes of the notes fingered differently because of it. */
  readonly otherwise: readonly number[];
}

/**
 * Finds the effect of each part of a brief by planning the brief once without it. A part is left out where the brief cannot be planned
 * without it.
 */
export function* effectsOf(brief: Brief, best: Plan): Steps<readonly Effect[]> {
  const effects: Effect[] = [];
  for (const { asked, without } of ASKED_PARTS.filter(({ isAsked }) => isAsked(brief))) {
    yield;
    const free = solveBrief(without(brief));
    if (free.ok) effects.push(effectOf(asked, best, describe(free.value)));
  }
  return effects;
}

function effectOf(asked: Asked, best: Plan, free: Plan): Effect {
  return {
    asked,
    sums: [sumsOf(best), sumsOf(free)],
    priced: samePrices(best.brief, free.brief),
    otherwise: fingeredOtherwise(free, best),
  };
}
