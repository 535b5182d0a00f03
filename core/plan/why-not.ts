import type { Issue } from '#core/reading';
import { fingeringLabel } from '#core/search';
import { dearerText, expectedInsteadText, isChosenText } from '#core/words';
import { costDifferences } from './cost-breakdown.ts';
import { counted } from './compared.ts';
import { describe } from './describe.ts';
import { withLock } from './locks.ts';
import type { Brief, Lock } from './schema.ts';
import { solveBrief } from './solve-brief.ts';
import type { Plan } from './types.ts';

/** Why not the finger or string a teacher expected: what it would cost, with the plan it gives, or what forbids it. */
export type WhyNot =
  | { readonly kind: 'chosen'; readonly sentence: string }
  | { readonly kind: 'costs'; readonly sentence: string; readonly deltaThousandths: number; readonly plan: Plan }
  | { readonly kind: 'forbidden'; readonly sentence: string; readonly issue: Issue };

/** Solves the line again with the wish fixed, and holds it against the best; null when the brief itself cannot be planned. */
export function whyNot(brief: Brief, wish: Lock): WhyNot | null {
  const best = solveBrief(brief);
  if (!best.ok) return null;
  const wished = solveBrief(withLock(brief, wish));
  if (!wished.ok) {
    const [issue] = wished.issues;
    return issue ? { kind: 'forbidden', sentence: `${issue.message} ${issue.hint}`, issue } : null;
  }
  const order = best.value.steps.findIndex((step) => step.index === wish.note);
  const [now, then] = [best.value, wished.value].map((solved) => solved.placements[order]);
  if (now && then && fingeringLabel(now) === fingeringLabel(then)) return { kind: 'chosen', sentence: isChosenText() };
  const [before, after] = [describe(best.value), describe(wished.value)];
  const deltaThousandths = after.cost.totalThousandths - before.cost.totalThousandths;
  const more = costDifferences(before.cost, after.cost).filter((difference) => difference.thousandths > 0);
  const sentence = deltaThousandths < 0 ? expectedInsteadText(deltaThousandths) : dearerText('It', deltaThousandths, counted(more));
  return { kind: 'costs', sentence, deltaThousandths, plan: after };
}
