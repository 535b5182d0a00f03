import type { HotSpot } from '#core/drill/hot-spots';
import { sumsOf } from '#core/explain';
import { countText } from '#core/messages';
import type { Plan } from '#core/plan/describe';
import { select } from '../../../state/selection.ts';
import { hotSpotText } from '../../../words/explain/hot-spots.ts';
import { mmText, soundText } from '../../../words/plan-words.ts';

interface PlanSummaryProps {
  readonly plan: Plan;
  readonly hotSpots: readonly HotSpot[];
}

/** Shows the totals of the plan, and its hardest place, one step away. */
export function PlanSummary({ plan, hotSpots }: PlanSummaryProps) {
  const sums = sumsOf(plan);
  const notes = plan.notes.filter((note) => note.kind === 'note').length;
  const shifts = sums.shifts === 0 ? 'no shift' : `${countText(sums.shifts, 'shift', 'shifts')}, ${mmText(sums.travelMm)}`;
  const [first] = hotSpots;
  const note = first && plan.notes[first.note];
  return (
    <p className="ml-auto text-sm text-dove-dark">
      {notes} notes · {shifts}
      {sums.widestReachMm > 0 && <> · widest reach {mmText(sums.widestReachMm)}</>}
      {first && note?.kind === 'note' && (
        <>
          {' '}
          · hardest:{' '}
          <button type="button" className="underline" title={hotSpotText(first, plan)} onClick={() => select(first.note)}>
            {soundText(note)}
          </button>
        </>
      )}
    </p>
  );
}
