import { type CostTerm, termsOfNote, termsOfStep } from '#core/search';
import type { PlacedNote } from './placed-note.ts';
import type { Task } from './read-brief.ts';
import type { CostBreakdown, CostLine } from './types.ts';

/** Tells the total of a placed line term by term, with the very formulas the search minimised. */
export function costBreakdown(task: Task, placed: readonly PlacedNote[]): CostBreakdown {
  const sums = new Map<CostTerm, { thousandths: number; times: number }>();
  const add = (term: CostTerm, amount: number): void => {
    const thousandths = Math.round(amount);
    if (thousandths === 0) return;
    const sum = sums.get(term) ?? { thousandths: 0, times: 0 };
    sums.set(term, { thousandths: sum.thousandths + thousandths, times: sum.times + 1 });
  };
  for (const [order, note] of placed.entries()) {
    const before = placed[order - 1];
    termsOfNote(task, note.placement, order === 0, add);
    if (before && note.gap) termsOfStep(task, before.placement, note.placement, note.gap, add);
  }
  const lines = [...sums].map(([term, sum]): CostLine => ({ term, ...sum }));
  lines.sort((one, other) => other.thousandths - one.thousandths || (one.term < other.term ? -1 : 1));
  return { totalThousandths: lines.reduce((total, line) => total + line.thousandths, 0), lines };
}
