import { inThumbPosition, type Placement, rankOf, type Shape, type StringStop } from '#core/hand';
import { reachOf } from '#core/hand/reach';
import type { CostTerm, TermSink, WeightName, Weights } from '#core/weights';
import { isOpen, positionWeight } from './positions.ts';
import type { CostSetting, NoteRole } from './setting.ts';

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
  const highPlace = weights.highPlace * (inThumbPosition(placement) ? weights.highPlaceThumbShare : 1);
  for (const stop of placement.upper ? [placement, placement.upper] : [placement]) {
    fingerTermsOf(weights, stop, role.hard, add);
    if (stop.finger !== '0') highTerm(weights, stop, highPlace, add);
  }
  if (isOpen(placement)) return;
  add('position', positionWeight(weights, placement) * weights.positionPerNoteShare);
  shapeTerms(weights, placement, add);
  reachTerms(setting, placement, add);
}

/** A place above the one where thick strings still speak at once costs more for every string above it. */
function highTerm(weights: Weights, stop: StringStop, highPlace: number, add: TermSink): void {
  const tooHigh = stop.semitonesAboveOpen - weights.highPlaceFrom;
  if (tooHigh > 0) add('high-on-low-string', tooHigh * stop.stringIndex * highPlace);
}

/** What one finger of a placement costs, whatever the shape. */
function fingerTermsOf(weights: Weights, stop: StringStop, hard: boolean, add: TermSink): void {
  const rank = rankOf(stop.finger);
  if (rank === null) return add('open-string', weights.openString);
  add(rank === 0 ? 'thumb' : 'finger', weights.finger[rank]);
  if (hard) add('weak-on-hard', weights.weakOnHard[rank]);
  if (stop.harmonic) add('harmonic', weights.harmonic);
}

/** What a shape other than the hand at rest costs, by the name of its weight. */
const SHAPE_WEIGHTS = {
  'reached-back': { term: 'reached-back', weight: 'reachedBack' },
  'reached-forward': { term: 'reached-forward', weight: 'reachedForward' },
  'thumb-reached': { term: 'reached-forward', weight: 'reachedForward' },
  'drawn-in': { term: 'drawn-in', weight: 'drawnIn' },
  chromatic: { term: 'finger-a-semitone', weight: 'fingerASemitone' },
  pivoted: { term: 'pivot', weight: 'pivot' },
  open: null,
  'open-thumb': null,
  home: null,
  'three-finger': null,
  thumb: null,
} as const satisfies Readonly<Record<Shape, { readonly term: CostTerm; readonly weight: WeightName } | null>>;

function shapeTerms(weights: Weights, { shape }: Placement, add: TermSink): void {
  const costs = SHAPE_WEIGHTS[shape];
  if (costs) add(costs.term, weights[costs.weight]);
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
