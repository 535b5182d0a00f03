import type { Task } from '#core/brief';
import { isShift } from '#core/hand/placement';
import { momentNeed, needMm, reachFor, reachNeedOf, verdictOf } from '#core/hand/reach';
import type { PlacedNote } from '#core/solve';
import type { PlannedReach } from '../types/stop.ts';

/**
 * Gives the reach of the hand at the moment of a note, compared with the player's own where it was measured: the fingers that stand for it,
 * and the finger that played just before it in the same hand. Null for an open string.
 */
export function plannedReach(task: Task, { placement, gap }: PlacedNote, before: PlacedNote | undefined): PlannedReach | null {
  const { hand, playerHand, instrument } = task;
  const moment =
    before && gap?.rest !== true && !isShift(before.placement, placement) ? momentNeed(hand, before.placement, placement) : null;
  const need = moment ?? reachNeedOf(hand, placement);
  if (need === null) return null;
  if (playerHand === null) return { need, needMm: needMm(need, instrument), judged: null };
  const reach = reachFor(need, playerHand, instrument);
  return { need, needMm: reach.needMm, judged: { verdict: verdictOf(reach), shareOfLargest: reach.needMm / reach.span.maxMm } };
}

/** Finds the widest of several reaches: by the share of the hand's largest span where there is one, else by millimetres. */
export function widestReach(reaches: readonly (PlannedReach | null)[]): PlannedReach | null {
  return reaches.reduce(
    (widest, reach) => (widest === null || (reach !== null && demandOf(reach) > demandOf(widest)) ? reach : widest),
    null,
  );
}

function demandOf({ needMm: mm, judged }: PlannedReach): number {
  return judged?.shareOfLargest ?? mm;
}
