import { inThumbPosition, type Placement, rankOf, type Shape, soundingIn, type StringStop } from '#core/hand/placement';
import { stringOf } from '#core/instrument';
import type { CostTerm, TermSink, WeightName, Weights } from '#core/weights';
import { atHome, isOpen, positionWeight } from './positions.ts';
import { stretchOfNote } from './reach-terms.ts';
import type { CostSetting, NoteRole } from './setting.ts';

/**
 * Lists the costs of a placement by itself: the one formula from which totals and explanations come. A position is paid on entering it: by
 * the first note, and by every shift.
 */
export function termsOfNote(setting: CostSetting, placement: Placement, role: NoteRole, add: TermSink): void {
  const { weights } = setting;
  endTerms(setting, placement, role, add);
  const thickShare =
    (inThumbPosition(placement) ? weights.highPlaceThumbShare : 1) * (isTenth(setting, placement) ? weights.highPlaceTenthShare : 1);
  for (const stop of soundingIn(placement)) {
    if (stop.finger === '0') {
      add('open-string', openStringWeight(weights, placement, role));
      continue;
    }
    fingerTermsOf(weights, stop, role, add);
    highTerm(weights, stop, { hard: role.hard, share: thickShare }, add);
  }
  if (placement.partner) ornamentTerm(weights, placement, placement.partner, add);
  if (isOpen(placement)) return;
  if (role.pedal && placement.upper === null) add('pedal-covered', weights.pedalCovered);
  add('position', positionWeight(setting, placement) * weights.positionPerNoteShare);
  shapeTerms(weights, placement, add);
  reachTerms(setting, placement, add);
}

/**
 * Gives the cost of beginning and ending in a position: a line does both at home where nothing speaks against it, in half or first
 * position.
 */
function endTerms(setting: CostSetting, placement: Placement, { first, last }: NoteRole, add: TermSink): void {
  const { weights, homes } = setting;
  const isAway = !atHome(placement) && !(placement.letterPosition !== null && homes.has(placement.letterPosition));
  if (first) {
    add('position', positionWeight(setting, placement));
    if (inThumbPosition(placement)) add('thumb-entry', weights.thumbEntry);
    if (isAway) add('away-from-home', weights.beginAway);
  }
  if (last && isAway) add('away-from-home', weights.endAway);
}

/** Gives the cost of an ornament's moving finger, the higher one: it falls in a trill and lifts in a mordent. */
function ornamentTerm(weights: Weights, { harmonic, finger }: Placement, partner: StringStop, add: TermSink): void {
  if (harmonic) return;
  const own = rankOf(finger);
  const other = rankOf(partner.finger) ?? 0;
  if (own === null) add('ornament-on-open', weights.ornamentOnOpen);
  add('moving-in-ornament', weights.movingInOrnament[own !== null && own > other ? own : other]);
}

/**
 * Gives the cost of high places: one above the place where thick strings still speak at once costs more for every string above it; above
 * the octave more, and twice as much for a long note, which has to sound.
 */
function highTerm(
  weights: Weights,
  stop: StringStop,
  { hard, share }: { readonly hard: boolean; readonly share: number },
  add: TermSink,
): void {
  const above = (place: number): number => Math.max(0, stop.semitonesAboveOpen - place) * stop.stringIndex * share;
  const cost = weights.highPlace * above(weights.highPlaceFrom) + weights.highPlaceAboveOctave * above(OCTAVE) * (hard ? 2 : 1);
  if (cost > 0) add('high-on-low-string', cost);
}

/** The octave, semitones above the open string. */
const OCTAVE = 12;

/** Tells whether two stopped notes lie more than an octave apart. */
function isTenth({ instrument }: CostSetting, { stringIndex, semitonesAboveOpen, finger, upper }: Placement): boolean {
  if (upper === null || finger === '0' || upper.finger === '0') return false;
  const strings = stringOf(instrument, upper.stringIndex).semitones - stringOf(instrument, stringIndex).semitones;
  return strings + upper.semitonesAboveOpen - semitonesAboveOpen > OCTAVE;
}

/** Gives the cost of an open string: by the way the line comes to it, and by where the hand waits. */
function openStringWeight(weights: Weights, placement: Placement, { openWay }: NoteRole): number {
  const { openString, openGoingUp, openGoingDown, openAboveHome } = weights;
  const byWay = openWay === null ? 0 : openWay === 'up' ? openGoingUp : openGoingDown;
  return openString + byWay + (atHome(placement) ? 0 : openAboveHome);
}

/** Lists the costs of one finger of a placement, whatever the shape. */
function fingerTermsOf(weights: Weights, stop: StringStop, { hard, chromatic }: NoteRole, add: TermSink): void {
  const rank = rankOf(stop.finger);
  if (rank === null) return;
  add(rank === 0 ? 'thumb' : 'finger', weights.finger[rank]);
  if (rank === 4 && stop.semitonesAboveOpen >= OCTAVE) add('finger', weights.fourthAtOctave);
  if (hard) add('weak-on-hard', weights.weakOnHard[rank]);
  if (chromatic && rank === 4) add('fourth-in-semitones', weights.fourthInSemitones);
  if (stop.harmonic) add('harmonic', weights.harmonic);
}

/** The weights of shapes other than the hand at rest, by name. */
const SHAPE_WEIGHTS = {
  'low-first': { term: 'low-first', weight: 'lowFirst' },
  'reached-back': { term: 'reached-back', weight: 'reachedBack' },
  'reached-forward': { term: 'reached-forward', weight: 'reachedForward' },
  'reached-out': { term: 'reached-out', weight: 'reachedOut' },
  'thumb-reached': { term: 'reached-forward', weight: 'reachedForward' },
  'drawn-in': { term: 'drawn-in', weight: 'drawnIn' },
  chromatic: { term: 'finger-a-semitone', weight: 'fingerASemitone' },
  'chromatic-thumb': { term: 'finger-a-semitone', weight: 'fingerASemitone' },
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

/** Lists the costs of reach. Only a measured hand can be stretched or crowded; double stops are within reach or no candidates at all. */
function reachTerms(setting: CostSetting, placement: Placement, add: TermSink): void {
  const { playerHand, placesMm, weights } = setting;
  if (playerHand === null) return;
  const stretch = stretchOfNote(setting, placement);
  if (stretch > 0) add('stretch', stretch);
  const place = placement.semitonesAboveOpen;
  const semitoneMm = (placesMm[place + 1] ?? Infinity) - (placesMm[place] ?? 0);
  if (semitoneMm < playerHand.fingerDistanceMm) add('crowding', weights.crowding * (playerHand.fingerDistanceMm - semitoneMm));
}
