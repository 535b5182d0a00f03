import { inThumbPosition, type Placement, rankOf, reachOf, type StringStop } from '#core/hand';
import type { CostSetting, NoteRole } from './cost.ts';
import type { TermSink } from './cost-terms.ts';
import { positionWeight } from './step-terms.ts';
import type { Weights } from './weight-table.ts';

/**
 * The one formula for what a placement costs by itself; totals and explanations both come from it. A position is paid on
 * entering it: by the first note, and by every shift.
 */
export function termsOfNote(setting: CostSetting, placement: Placement, role: NoteRole, add: TermSink): void {
  const { weights } = setting;
  if (role.first) {
    add('position', positionWeight(weights, placement));
    if (inThumbPosition(placement)) add('thumb-entry', weights.thumbEntry);
  }
  const high = weights.highPlace * (inThumbPosition(placement) ? weights.highPlaceThumbShare : 1);
  stopTerms(weights, placement, high, role.hard, add);
  if (placement.upper) stopTerms(weights, placement.upper, high, role.hard, add);
  if (placement.finger === '0' && (placement.upper === null || placement.upper.finger === '0')) return;
  add('position', positionWeight(weights, placement) * weights.positionPerNoteShare);
  shapeTerms(weights, placement, add);
  reachTerms(setting, placement, add);
}

function stopTerms(weights: Weights, stop: StringStop, highPlace: number, hard: boolean, add: TermSink): void {
  const rank = rankOf(stop.finger);
  if (rank === null) return add('open-string', weights.openString);
  add(rank === 0 ? 'thumb' : 'finger', weights.finger[rank]);
  if (hard) add('weak-on-hard', weights.weakOnHard[rank]);
  if (stop.harmonic) add('harmonic', weights.harmonic);
  const tooHigh = stop.semitonesAboveOpen - weights.highPlaceFrom;
  if (tooHigh > 0) add('high-on-low-string', tooHigh * stop.stringIndex * highPlace);
}

function shapeTerms(weights: Weights, { shape }: Placement, add: TermSink): void {
  switch (shape) {
    case 'reached-back':
      return add('reached-back', weights.reachedBack);
    case 'reached-forward':
    case 'thumb-reached':
      return add('reached-forward', weights.reachedForward);
    case 'drawn-in':
      return add('drawn-in', weights.drawnIn);
    case 'chromatic':
      return add('finger-a-semitone', weights.fingerASemitone);
    case 'pivoted':
      return add('pivot', weights.pivot);
    case 'open':
    case 'open-thumb':
    case 'home':
    case 'three-finger':
    case 'thumb':
  }
}

/** Only a measured hand can be stretched or crowded; double stops are within reach or no candidates at all. */
function reachTerms({ hand, playerHand, instrument, placesMm, weights }: CostSetting, placement: Placement, add: TermSink): void {
  if (playerHand === null) return;
  const { needMm, span } = reachOf(hand, playerHand, instrument, placement);
  const beyondMm = needMm - span.comfortMm;
  // Tiring grows faster than the stretch: slight just beyond comfort, full at the largest span.
  if (beyondMm > 0) add('stretch', weights.stretch * beyondMm * Math.min(1, beyondMm / Math.max(1, span.maxMm - span.comfortMm)));
  const place = placement.semitonesAboveOpen;
  const semitoneMm = (placesMm[place + 1] ?? Infinity) - (placesMm[place] ?? 0);
  if (semitoneMm < playerHand.fingerDistanceMm) add('crowding', weights.crowding * (playerHand.fingerDistanceMm - semitoneMm));
}
