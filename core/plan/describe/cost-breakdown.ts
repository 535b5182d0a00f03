import type { Task } from '#core/brief';
import { comesBy, happensAfter, TERM_OF_THREE, termsOfNote, termsOfStep, threeNotes } from '#core/search/costs';
import { stepSetting } from '#core/search/lattice';
import type { PlacedNote } from '#core/solve';
import type { CostTerm, TermSink } from '#core/weights';
import type { CostBreakdown, CostDifference, CostLine } from './types/plan.ts';

/**
 * Lists the cost of a placed line term by term, with the very formulas the search minimised. For a passage, the step that leads to its
 * first note is left out.
 */
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
    termsOfNote(note.setting ?? task, note.placement, note.role, add);
    if (before && note.gap)
      termsOfStep(stepSetting(task, before, note), { from: before.placement, to: note.placement, gap: note.gap }, add);
    termsOfThree(task, placed.slice(order - 1, order + 2), add);
  }
  const lines = [...sums].map(([term, sum]): CostLine => ({ term, ...sum }));
  lines.sort((one, other) => other.thousandths - one.thousandths || (one.term < other.term ? -1 : 1));
  return { totalThousandths: lines.reduce((total, line) => total + line.thousandths, 0), lines };
}

/** Adds what a note, the one before it and the one after it cost together. */
function termsOfThree(task: Task, [before, here, after]: readonly PlacedNote[], add: TermSink): void {
  if (!before || !here || !after) return;
  const three = threeNotes(here.setting ?? task, { role: here.role, before: here.gap, after: after.gap });
  if (!three) return;
  const happens = happensAfter(comesBy(three, before.placement, here.placement), here.placement, after.placement);
  if (happens !== null) add(TERM_OF_THREE[happens], three[happens]);
}

/** Compares two breakdowns: what the one has more (positive) or less (negative) than the other, the largest difference first. */
export function costDifferences(from: CostBreakdown, to: CostBreakdown): readonly CostDifference[] {
  const terms = new Set([...from.lines, ...to.lines].map((line) => line.term));
  const differences = [...terms].flatMap((term): readonly CostDifference[] => {
    const [before, after] = [lineOf(from, term), lineOf(to, term)];
    const thousandths = after.thousandths - before.thousandths;
    const times = after.times - before.times;
    return thousandths === 0 && times === 0 ? [] : [{ term, times, thousandths }];
  });
  return differences.toSorted((one, other) => Math.abs(other.thousandths) - Math.abs(one.thousandths) || (one.term < other.term ? -1 : 1));
}

function lineOf({ lines }: CostBreakdown, term: CostTerm): Pick<CostLine, 'thousandths' | 'times'> {
  return lines.find((line) => line.term === term) ?? { thousandths: 0, times: 0 };
}
