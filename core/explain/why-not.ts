import type { Brief, Lock } from '#core/brief';
import { withLock } from '#core/brief/locks';
import type { Issue } from '#core/messages';
import { type CostDifference, costDifferences, describe, type Plan } from '#core/plan/describe';
import { fingeringLabel } from '#core/search/ways';
import { solveBrief, type Solved } from '#core/solve';
import { keptOutBy } from './compared.ts';

/** The reason why a cheaper line was not taken; null where it is not cheaper, or the reason is unknown. */
type KeptOut = ReturnType<typeof keptOutBy>;

/**
 * The answer to why the plan does not have the finger or string a teacher expected: the plan has it; it costs more, with the plan it gives;
 * or it is forbidden.
 */
export type WhyNot =
  /** The plan has it. */
  | { readonly kind: 'chosen' }
  /** The line with it costs more by this sum, for these causes; where it costs less, `keptOut` says why it was not taken. */
  | {
      readonly kind: 'costs';
      readonly deltaThousandths: number;
      readonly keptOut: KeptOut;
      readonly more: readonly CostDifference[];
      readonly plan: Plan;
    }
  /** This stands in its way. */
  | { readonly kind: 'forbidden'; readonly issue: Issue };

/**
 * Solves a line again with a wish locked, and compares it with the best.
 *
 * @throws where a line fails to read and nothing says why, which is a bug
 */
export function whyNot(brief: Brief, best: Solved, wish: Lock): WhyNot {
  const wished = solveBrief(withLock(brief, wish));
  if (!wished.ok) {
    const [issue] = wished.issues;
    if (!issue) throw new RangeError(`Fixing note ${wish.note} failed without an issue`);
    return { kind: 'forbidden', issue };
  }
  const order = best.steps.findIndex((step) => step.index === wish.note);
  const [now, then] = [best, wished.value].map((solved) => solved.placements[order]);
  if (now && then && fingeringLabel(now) === fingeringLabel(then)) return { kind: 'chosen' };
  const [before, after] = [describe(best), describe(wished.value)];
  const more = costDifferences(before.cost, after.cost).filter((difference) => difference.thousandths > 0);
  const deltaThousandths = after.cost.totalThousandths - before.cost.totalThousandths;
  const keptOut = deltaThousandths < 0 ? keptOutBy(best, wished.value.placements) : null;
  return { kind: 'costs', deltaThousandths, keptOut, more, plan: after };
}
