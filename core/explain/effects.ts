import { type Asked, ASKED_PARTS, type Brief } from '#core/brief';
import { describe, type Plan } from '#core/plan/describe';
import type { Steps } from '#core/result';
import { solveBrief } from '#core/solve';
import { fingeredOtherwise, type PlanSums, samePrices, sumsOf } from './differences.ts';

/** What one part of the brief does to the plan: the sums with it and without, and how many notes it moves. */
export interface Effect {
  /** The part. */
  readonly asked: Asked;
  /** With this part, and without it. */
  readonly sums: readonly [PlanSums, PlanSums];
  /** Both are priced alike, so that their costs may be compared. */
  readonly priced: boolean;
  /** Line indexes of the notes fingered differently for it. */
  readonly otherwise: readonly number[];
}

/** What each part of a brief does to its plan: the brief planned once without each. A part whose leaving out cannot be planned tells nothing and is left out. */
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
