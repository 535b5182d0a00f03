import { isShift, type Placement } from '#core/hand/placement';
import { momentNeed, reachFor, reachNeedOf, type ReachNeed } from '#core/hand/reach';
import type { TermSink } from '#core/weights';
import type { CostSetting, Gap, Step } from './setting.ts';

/** Gives the demand of two fingers that follow each other in a hand that stays; null where the hand is free between them. */
function between({ hand }: CostSetting, { from, to, gap }: Step): ReachNeed | null {
  return staysInHand(from, to, gap) ? momentNeed(hand, from, to) : null;
}

/** Tells whether fingers that follow each other stand at once: they do, but for a rest or a shift between them. */
function staysInHand(from: Placement, to: Placement, { rest }: Gap): boolean {
  return !rest && !isShift(from, to);
}

/** Tells whether a measured hand cannot hold two fingers that follow each other. */
export function beyondReach(setting: CostSetting, step: Step): boolean {
  if (setting.playerHand === null) return false;
  const need = between(setting, step);
  if (need === null) return false;
  const { needMm, span } = reachFor(need, setting.playerHand, setting.instrument);
  return needMm > span.maxMm;
}

/** Gives the cost of reaching from one finger to the next beyond the cost of either note by itself. */
export function reachTermsBetween(setting: CostSetting, step: Step, add: TermSink): void {
  if (setting.playerHand === null) return;
  const need = between(setting, step);
  if (need === null) return;
  const alone = [step.from, step.to].map((placement) => stretchOfNote(setting, placement));
  const more = stretchOf(setting, need) - Math.max(...alone);
  if (more > 0) add('stretch', more);
}

/** Gives the cost of a note's own reach for a measured hand; nothing without one. */
export function stretchOfNote(setting: CostSetting, placement: Placement): number {
  const need = reachNeedOf(setting.hand, placement);
  return need === null ? 0 : stretchOf(setting, need);
}

/** Gives the cost of a stretch. Fatigue grows faster than the stretch: slight just beyond comfort, full at the largest span. */
function stretchOf({ playerHand, instrument, weights }: CostSetting, need: ReachNeed): number {
  if (playerHand === null) return 0;
  const { needMm, span } = reachFor(need, playerHand, instrument);
  const beyondMm = needMm - span.comfortMm;
  return beyondMm > 0 ? weights.stretch * beyondMm * Math.min(1, beyondMm / Math.max(1, span.maxMm - span.comfortMm)) : 0;
}
