import { inThumbPosition, type Placement, rankOf, type StringStop } from '#core/hand';
import { type Instrument, stringOf } from '#core/instrument';
import type { CostSetting, Gap } from './cost.ts';
import type { TermSink } from './cost-terms.ts';
import { EASY_SPEED_MM_PER_SECOND, type Weights } from './weight-table.ts';
import type { PerFinger } from './weight-types.ts';

/** The one formula for what going from one placement to the next costs. */
export function termsOfStep(setting: CostSetting, from: Placement, to: Placement, gap: Gap, add: TermSink): void {
  const melody = Math.sign(soundOf(setting.instrument, to) - soundOf(setting.instrument, from));
  crossingTerms(setting.weights, from, to, gap, melody, add);
  if (isOpen(to)) return;
  if (!setting.hand.isShift(from, to)) return stayingTerms(setting, from, to, melody, add);
  shiftTerms(setting, from, to, gap, melody, add);
  add('position', positionWeight(setting.weights, to));
}

/** What a position costs to enter, thousandths. */
export function positionWeight(weights: Weights, placement: Placement): number {
  const index = placement.letterPosition ?? placement.anchor;
  return weights.position[Math.min(index, weights.position.length - 1)] ?? 0;
}

/** Tells positions apart: an open string may follow only where the hand hovers in the same one. */
export function positionKey(placement: Placement): number {
  return placement.letterPosition ?? (inThumbPosition(placement) ? THUMB_KEYS + placement.anchor : placement.anchor);
}

/** Above every anchor there is. */
const THUMB_KEYS = 64;

/** No finger is down. */
function isOpen(placement: Placement): boolean {
  return placement.finger === '0' && (placement.upper === null || placement.upper.finger === '0');
}

function crossingTerms(weights: Weights, from: Placement, to: Placement, gap: Gap, melody: number, add: TermSink): void {
  const strings = Math.abs(to.stringIndex - from.stringIndex);
  if (strings === 0) return;
  add('crossing', weights.crossing);
  if (gap.slurred) add('crossing-in-slur', weights.crossingInSlur);
  if (strings > 1) add('string-skipped', weights.stringSkipped * (strings - 1));
  if (melody * (from.stringIndex - to.stringIndex) < 0) add('crossing-against-melody', weights.crossingAgainstMelody);
}

/** A move of the hand, as far as its terms ask. */
interface Move {
  /** Of the first finger, upward positive. */
  readonly semitones: number;
  readonly travelMm: number;
  /** What is left of the shift while an open string sounds or a rest gives time. */
  readonly share: number;
}

function shiftTerms(setting: CostSetting, from: Placement, to: Placement, gap: Gap, melody: number, add: TermSink): void {
  const { weights } = setting;
  const move = moveBetween(setting, from, to, gap);
  const { semitones, travelMm, share } = move;
  if (inThumbPosition(from) !== inThumbPosition(to)) add('thumb-entry', weights.thumbEntry * share);
  if (semitones === 0) return add('respelling', weights.respelling * share);
  const near = carries(from, to) && Math.abs(semitones) === 1;
  const step = (near ? weights.semitoneShiftShare : 1) * share;
  add('shift', weights.shift * step);
  add('shift-travel', weights.shiftPerMm * travelMm * step);
  shiftFingerTerms(weights, from, to, semitones > 0, share, add);
  if (from.stringIndex !== to.stringIndex) {
    add('crossing-while-shifting', weights.shiftCrossing * share * Math.min(1, Math.abs(semitones) / 3));
  }
  if (melody * semitones < 0) add('shift-against-melody', weights.shiftAgainstMelody * share);
  if (isExtended(from) || isExtended(to)) add('shape-change', weights.opening * weights.openingShiftShare * share);
  momentTerms(weights, move, gap, add);
}

function moveBetween({ weights, hand, placesMm }: CostSetting, from: Placement, to: Placement, gap: Gap): Move {
  const [before, after] = [hand.firstFingerAt(from), hand.firstFingerAt(to)];
  // A hand that stays while one finger carries the line into another position has moved as far as that finger.
  const semitones = after === before && carries(from, to) ? to.semitonesAboveOpen - from.semitonesAboveOpen : after - before;
  const travelMm = Math.abs((placesMm[before + semitones] ?? 0) - (placesMm[before] ?? 0));
  return { semitones, travelMm, share: (isOpen(from) ? weights.openShiftShare : 1) * (gap.rest ? weights.restShiftShare : 1) };
}

/** When the hand must move, and how fast. */
function momentTerms(weights: Weights, { travelMm, share }: Move, gap: Gap, add: TermSink): void {
  if (gap.slurred) add('shift-under-slur', weights.shiftUnderSlur * share);
  if (gap.seconds !== null) add('shift-haste', weights.shiftHaste * share * Math.max(0, travelMm / gap.seconds - EASY_SPEED_MM_PER_SECOND));
}

/** One finger on one string. */
function carries(from: Placement, to: Placement): boolean {
  return from.stringIndex === to.stringIndex && from.finger === to.finger && from.finger !== '0';
}

/** A double stop leaves and arrives on its lower string's finger, the base of the frame, or the other where that is open. */
function shiftFingerTerms(weights: Weights, from: Placement, to: Placement, up: boolean, share: number, add: TermSink): void {
  const leaving = leadingRank(from);
  const arriving = leadingRank(to);
  if (arriving === null) return;
  if (leaving === arriving) return add('same-finger-shift', at(weights.sameFingerShift, arriving) * share);
  if (leaving !== null) add('leaving', at(up ? weights.leavingUp : weights.leavingDown, leaving) * share);
  add('arriving', at(up ? weights.arrivingUp : weights.arrivingDown, arriving) * share);
}

type Rank = 0 | 1 | 2 | 3 | 4;

function at(values: PerFinger, rank: Rank): number {
  return values[rank];
}

function leadingRank({ finger, upper }: Placement): Rank | null {
  return rankOf(finger) ?? (upper ? rankOf(upper.finger) : null);
}

/** What happens between two notes when the hand does not shift; nothing of it concerns a hand that hovered. */
function stayingTerms({ weights, instrument }: CostSetting, from: Placement, to: Placement, melody: number, add: TermSink): void {
  if (isOpen(from)) return;
  const crept = Math.abs(to.anchor - from.anchor);
  if (crept > 0) add('creeping', weights.creeping * crept);
  handShapeTerms(weights, from, to, add);
  if (from.upper || to.upper) {
    for (const before of stopsOf(from)) for (const after of stopsOf(to)) fingerTerms(weights, before, after, add);
    return;
  }
  fingerTerms(weights, from, to, add);
  const [before, after] = [rankOf(from.finger), rankOf(to.finger)];
  if (before === null || after === null) return;
  if (from.stringIndex === to.stringIndex && melody * (after - before) < 0) add('finger-order', weights.fingerOrder);
  if (before !== after && soundOf(instrument, from) === soundOf(instrument, to)) add('substitution', weights.substitution);
}

/** One finger used twice: along its string it slides, to the neighbouring one it jumps. */
function fingerTerms(weights: Weights, before: StringStop, after: StringStop, add: TermSink): void {
  if (before.finger !== after.finger || before.finger === '0') return;
  const semitones = Math.abs(after.semitonesAboveOpen - before.semitonesAboveOpen);
  const strings = Math.abs(before.stringIndex - after.stringIndex);
  if (strings === 0) add('slide', weights.slide * semitones);
  if (strings === 1) add('same-finger-neighbour', semitones === 0 ? weights.neighbourLevel : weights.neighbourElsewhere);
}

function stopsOf(placement: Placement): readonly StringStop[] {
  return placement.upper ? [placement, placement.upper] : [placement];
}

/** Opening forward, and rolling, leave the first finger where it is; reaching back leaves the others. */
function handShapeTerms(weights: Weights, from: Placement, to: Placement, add: TermSink): void {
  if (from.shape === to.shape || !(isExtended(from) || isExtended(to))) return;
  const forward = from.shape !== 'reached-back' && to.shape !== 'reached-back';
  const stays = (placement: Placement): boolean => (placement.finger === '1') === forward;
  add('shape-change', weights.opening * (stays(from) || stays(to) ? 1 : weights.openingIdleShare));
}

function isExtended({ shape }: Placement): boolean {
  return shape === 'reached-back' || shape === 'reached-forward' || shape === 'pivoted';
}

function soundOf(instrument: Instrument, placement: Placement): number {
  return stringOf(instrument, placement.stringIndex).semitones + placement.soundsAboveOpen;
}
