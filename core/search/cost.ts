import type { HandModel, Placement } from '#core/hand';
import { type Instrument, stringOf } from '#core/instrument';
import type { TermSink } from './cost-terms.ts';
import { EASY_SPEED_MM_PER_SECOND, type Weights } from './weights/types.ts';

/** What the costs are measured against. */
export interface CostSetting {
  readonly instrument: Instrument;
  readonly hand: HandModel;
  readonly weights: Weights;
  /** mm from the nut of every whole semitone on the fingerboard, by semitone: reckoned once, read for every step. */
  readonly placesMm: readonly number[];
}

/** What lies between two notes that follow each other. */
export interface Gap {
  /** A rest stands between them. */
  readonly rest: boolean;
  /** Both are played in one bow. */
  readonly slurred: boolean;
  /** From the beginning of the first to the beginning of the second, seconds; null without a tempo. */
  readonly seconds: number | null;
}

/**
 * Whether the hand may go from one placement to the other. Everything may, at its cost, but for one thing: an open
 * string keeps the hand hovering where it was, so that a shift is paid when the hand sets a finger again.
 */
export function canFollow(from: Placement, to: Placement): boolean {
  return to.finger !== '0' || positionIndex(from) === positionIndex(to);
}

/** Sum of the terms of a note, thousandths. A position is paid on entering it: by the first note, and by every shift. */
export function noteCost(setting: CostSetting, placement: Placement, first: boolean): number {
  const sum = new TermSum();
  termsOfNote(setting, placement, first, sum.add);
  return sum.total;
}

/** A function that gives the sum of the terms of steps across one gap, thousandths; made once for many steps. */
export function stepPricer(setting: CostSetting, gap: Gap): (from: Placement, to: Placement) => number {
  const sum = new TermSum();
  return (from, to) => {
    sum.total = 0;
    termsOfStep(setting, from, to, gap, sum.add);
    return sum.total;
  };
}

/** The one formula for what a placement costs by itself; totals and explanations both come from it. */
export function termsOfNote({ weights }: CostSetting, placement: Placement, first: boolean, add: TermSink): void {
  const finger = fingerIndex(placement);
  if (first) add('position', positionWeight(weights, placement));
  if (finger === null) return add('open-string', weights.openString);
  add('finger', weights.finger[finger] ?? 0);
  add('position', positionWeight(weights, placement) * weights.positionPerNoteShare);
  const tooHigh = placement.semitonesAboveOpen - weights.highOnLowString.from;
  if (tooHigh > 0) add('high-on-low-string', tooHigh * placement.stringIndex * weights.highOnLowString.perSemitone);
  switch (placement.shape) {
    case 'reached-back':
      add('reached-back', weights.reachedBack);
      break;
    case 'reached-forward':
      add('reached-forward', weights.reachedForward);
      break;
    case 'drawn-in':
      add('drawn-in', weights.drawnIn);
      break;
    case 'open':
    case 'home':
    case 'three-finger':
      break;
  }
}

/** The one formula for what going from one placement to the next costs. */
export function termsOfStep(setting: CostSetting, from: Placement, to: Placement, gap: Gap, add: TermSink): void {
  const melody = Math.sign(soundOf(setting, to) - soundOf(setting, from));
  crossingTerms(setting, from, to, melody, add);
  if (fingerIndex(to) === null) return;
  if (!setting.hand.isShift(from, to)) return stayingTerms(setting, from, to, melody, add);
  shiftTerms(setting, from, to, gap, melody, add);
  add('position', positionWeight(setting.weights, to));
}

function crossingTerms({ weights }: CostSetting, from: Placement, to: Placement, melody: number, add: TermSink): void {
  const strings = Math.abs(to.stringIndex - from.stringIndex);
  if (strings === 0) return;
  add('crossing', weights.crossing.each);
  if (strings > 1) add('string-skipped', weights.crossing.skipped * (strings - 1));
  if (melody * (from.stringIndex - to.stringIndex) < 0) add('crossing-against-melody', weights.crossing.againstMelody);
}

function shiftTerms(setting: CostSetting, from: Placement, to: Placement, gap: Gap, melody: number, add: TermSink): void {
  const { shift, shapeChange } = setting.weights;
  const semitones = to.anchor - from.anchor;
  const share = (fingerIndex(from) === null ? shift.openShare : 1) * (gap.rest ? shift.restShare : 1);
  if (semitones === 0) return add('respelling', setting.weights.respelling * share);
  const travelMm = travelBetween(setting, from, to);
  const near = from.finger === to.finger && Math.abs(semitones) === 1 && from.stringIndex === to.stringIndex;
  const step = (near ? shift.semitoneShare : 1) * share;
  add('shift', shift.fixed * step);
  add('shift-travel', shift.perMm * travelMm * step);
  shiftFingerTerms(setting.weights, from, to, share, add);
  if (from.stringIndex !== to.stringIndex) add('crossing-while-shifting', shift.crossing * share * Math.min(1, Math.abs(semitones) / 3));
  if (melody * semitones < 0) add('shift-against-melody', shift.againstMelody * share);
  if (gap.slurred) add('shift-under-slur', shift.underSlur * share);
  if (gap.seconds !== null) add('shift-haste', shift.haste * share * Math.max(0, travelMm / gap.seconds - EASY_SPEED_MM_PER_SECOND));
  if (isExtended(from) || isExtended(to)) add('shape-change', shapeChange.each * shapeChange.shiftingShare * share);
}

function shiftFingerTerms({ shift }: Weights, from: Placement, to: Placement, share: number, add: TermSink): void {
  const leaving = fingerIndex(from);
  const arriving = fingerIndex(to);
  if (arriving === null) return;
  if (leaving === arriving) return add('same-finger-shift', shift.sameFinger[arriving] * share);
  const fingers = to.anchor > from.anchor ? shift.up : shift.down;
  if (leaving !== null) add('leaving', fingers.leaving[leaving] * share);
  add('arriving', fingers.arriving[arriving] * share);
}

/** What happens between two notes when the hand does not shift; nothing of it concerns a hand that hovered. */
function stayingTerms({ weights, instrument }: CostSetting, from: Placement, to: Placement, melody: number, add: TermSink): void {
  const before = fingerIndex(from);
  const after = fingerIndex(to);
  if (before === null || after === null) return;
  const crept = Math.abs(to.anchor - from.anchor);
  if (crept > 0) add('creeping', weights.creeping * crept);
  shapeTerms(weights, from, to, add);
  const sameString = from.stringIndex === to.stringIndex;
  if (sameString && before === after) add('slide', weights.slide * Math.abs(to.semitonesAboveOpen - from.semitonesAboveOpen));
  if (sameString && melody * (after - before) < 0) add('finger-order', weights.fingerOrder);
  if (before !== after && soundBetween(instrument, from, to) === 0) add('substitution', weights.substitution);
  if (before === after && Math.abs(from.stringIndex - to.stringIndex) === 1) {
    const level = from.semitonesAboveOpen === to.semitonesAboveOpen;
    add('same-finger-neighbour', level ? weights.sameFingerNeighbour.atTuningInterval : weights.sameFingerNeighbour.elsewhere);
  }
}

/** Opening forward leaves the first finger where it is; reaching back leaves the others. */
function shapeTerms({ shapeChange }: Weights, from: Placement, to: Placement, add: TermSink): void {
  if (from.shape === to.shape || !(isExtended(from) || isExtended(to))) return;
  const forward = from.shape === 'reached-forward' || to.shape === 'reached-forward';
  const stays = (placement: Placement): boolean => (placement.finger === '1') === forward;
  add('shape-change', shapeChange.each * (stays(from) || stays(to) ? 1 : shapeChange.stayingIdle));
}

function isExtended(placement: Placement): boolean {
  return placement.shape === 'reached-back' || placement.shape === 'reached-forward';
}

function positionWeight(weights: Weights, placement: Placement): number {
  return weights.position[Math.min(positionIndex(placement), weights.position.length - 1)] ?? 0;
}

function positionIndex(placement: Placement): number {
  return placement.letterPosition ?? placement.anchor;
}

/** Index into the tables by finger; null for an open string. */
function fingerIndex(placement: Placement): 0 | 1 | 2 | 3 | null {
  switch (placement.finger) {
    case '0':
      return null;
    case '1':
      return 0;
    case '2':
      return 1;
    case '3':
      return 2;
    case '4':
      return 3;
  }
}

function travelBetween({ placesMm }: CostSetting, from: Placement, to: Placement): number {
  return Math.abs((placesMm[to.anchor] ?? 0) - (placesMm[from.anchor] ?? 0));
}

function soundOf({ instrument }: CostSetting, placement: Placement): number {
  return stringOf(instrument, placement.stringIndex).semitones + placement.semitonesAboveOpen;
}

function soundBetween(instrument: Instrument, from: Placement, to: Placement): number {
  const open = stringOf(instrument, to.stringIndex).semitones - stringOf(instrument, from.stringIndex).semitones;
  return open + to.semitonesAboveOpen - from.semitonesAboveOpen;
}

/** Adds terms up. Each is rounded to a whole thousandth, so that a total is the exact sum of what is shown. */
class TermSum {
  total = 0;
  readonly add: TermSink = (_, thousandths) => {
    this.total += Math.round(thousandths);
  };
}
