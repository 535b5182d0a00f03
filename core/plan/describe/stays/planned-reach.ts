import type { Task } from '#core/brief';
import type { Placement } from '#core/hand';
import { needMm, reachFor, reachNeedOf, verdictOf } from '#core/hand/reach';
import type { PlannedReach } from '../types/stop.ts';

/** What a placement asks of the hand, held against the player's own where it was measured; null for an open string. */
export function plannedReach({ hand, playerHand, instrument }: Task, placement: Placement): PlannedReach | null {
  const need = reachNeedOf(hand, placement);
  if (need === null) return null;
  if (playerHand === null) return { need, needMm: needMm(need, instrument), judged: null };
  const reach = reachFor(need, playerHand, instrument);
  return { need, needMm: reach.needMm, judged: { verdict: verdictOf(reach), shareOfLargest: reach.needMm / reach.span.maxMm } };
}

/** The widest of several reaches: by the share of the hand's largest span where there is one, else by millimetres. */
export function widestReach(reaches: readonly (PlannedReach | null)[]): PlannedReach | null {
  return reaches.reduce(
    (widest, reach) => (widest === null || (reach !== null && measure(reach) > measure(widest)) ? reach : widest),
    null,
  );
}

function measure({ needMm: mm, judged }: PlannedReach): number {
  return judged?.shareOfLargest ?? mm;
}
