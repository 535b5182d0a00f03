import { inThumbPosition, type Placement, soundingIn, stopsIn } from '#core/hand/placement';
import type { HandModel } from '#core/hand';
import { type Instrument, stringSpacingMm } from '#core/instrument';
import { mmFromNut, semitoneSpaceMm } from '#core/instrument/geometry';
import { instrumentIssue, type Issue } from '#core/messages';
import { badReading, goodReading, type Reading } from '#core/result';
import type { HandMeasurements } from './hand-measurements.ts';
import { FINGER_DISTANCE_MM, type HandPreset, HOME_FRAME, PRESET_SHARES } from './hand-presets.ts';

/** A span of the hand, mm: the comfortable and the largest. */
export interface Span {
  /** The span held without effort. */
  readonly comfortMm: number;
  /** The largest span. */
  readonly maxMm: number;
}

/** A player's hand in mm, complete. */
export interface PlayerHand {
  /** The span from the first to the fourth finger. */
  readonly firstToFourth: Span;
  /** The span from the first to the fourth finger across two strings, as in a tenth; violin and viola. */
  readonly acrossStrings: Span;
  /** The span from first to second finger; null when nobody has measured it, and then it limits nothing. */
  readonly firstToSecond: Span | null;
  /** The span in thumb position, from the thumb to the third finger. */
  readonly thumbToThird: Span;
  /** The distance between the centres of two fingers pressed together. */
  readonly fingerDistanceMm: number;
}

/** The least and the greatest span between the outer fingers, mm: a small child's and a giant's; the first two span less. */
const NARROWEST_MM = 20;
const NARROWEST_FIRST_TWO_MM = 10;
const WIDEST_MM = 350;

/**
 * Reads a hand as the brief gives it, completed for an instrument. Refuses a hand that spans nothing, one wider than any, and a comfortable
 * span above the largest.
 */
export function readPlayerHand(measurements: HandMeasurements, instrument: Instrument): Reading<PlayerHand> {
  const preset = presetHand(measurements.preset ?? 'average', instrument);
  const hand: PlayerHand = {
    firstToFourth: measurements.firstToFourth ?? preset.firstToFourth,
    acrossStrings: acrossFrom(measurements.firstToFourth ?? preset.firstToFourth),
    firstToSecond: measurements.firstToSecond ?? null,
    thumbToThird: measurements.thumbToThird ?? preset.thumbToThird,
    fingerDistanceMm: measurements.fingerDistanceMm ?? preset.fingerDistanceMm,
  };
  const [wrong] = [
    ...spanIssues('firstToFourth', hand.firstToFourth, NARROWEST_MM),
    ...spanIssues('thumbToThird', hand.thumbToThird, NARROWEST_MM),
    ...spanIssues('firstToSecond', hand.firstToSecond, NARROWEST_FIRST_TWO_MM),
    ...distanceIssues(hand.fingerDistanceMm),
  ];
  return wrong ? badReading(wrong) : goodReading(hand);
}

function spanIssues(name: string, span: Span | null, narrowestMm: number): readonly Issue[] {
  if (span === null) return [];
  const { comfortMm, maxMm } = span;
  const where = { pointer: `/player/hand/${name}` };
  if (!(maxMm > 0) || !(comfortMm > 0)) return [instrumentIssue('hand-spans-nothing', { mm: Math.min(comfortMm, maxMm) }, where)];
  const outside = [comfortMm, maxMm].find((mm) => mm < narrowestMm || mm > WIDEST_MM);
  if (outside !== undefined) return [instrumentIssue('hand-beyond-sense', { mm: outside, narrowestMm, widestMm: WIDEST_MM }, where)];
  return comfortMm > maxMm ? [instrumentIssue('comfort-above-most', { comfortMm, maxMm }, where)] : [];
}

/** The largest distance between two fingers pressed together, mm: above nothing, and below the width of a hand. */
const MOST_DISTANCE_MM = 40;

function distanceIssues(mm: number): readonly Issue[] {
  if (mm > 0 && mm <= MOST_DISTANCE_MM) return [];
  return [instrumentIssue('fingertips-beyond-sense', { mm }, { pointer: '/player/hand/fingerDistanceMm' })];
}

/** Estimates a hand by shares of this instrument's own home frame. */
export function presetHand(preset: HandPreset, instrument: Instrument): PlayerHand {
  const shares = PRESET_SHARES[instrument.kind][preset];
  const [low, high] = HOME_FRAME[instrument.kind];
  const homeMm = mmFromNut(instrument.stringLengthMm, high) - mmFromNut(instrument.stringLengthMm, low);
  const span: Span = { comfortMm: homeMm * shares.comfort, maxMm: homeMm * shares.max };
  // Thumb position lies an octave up, where the octave's fifth across two strings is about a home frame and a half.
  return {
    firstToFourth: span,
    acrossStrings: acrossFrom(span),
    firstToSecond: null,
    thumbToThird: { comfortMm: 1.5 * span.comfortMm, maxMm: 1.5 * span.maxMm },
    fingerDistanceMm: FINGER_DISTANCE_MM,
  };
}

/**
 * The share by which the fourth finger, coming over the hand, reaches further across two strings than along one: an estimate, so that a
 * large hand's 1–4 of about 100 mm reaches the 120 to 125 mm of a major tenth on the violin.
 */
const ACROSS_SHARE = 1.25;

function acrossFrom({ comfortMm, maxMm }: Span): Span {
  return { comfortMm: comfortMm * ACROSS_SHARE, maxMm: maxMm * ACROSS_SHARE };
}

/** The demand of a placement on any hand and any size, in places, not millimetres. */
export interface ReachNeed {
  /** The lowest of the fingers that must stand at once, semitones above the open string. */
  readonly lowest: number;
  /** The highest of these fingers, semitones above the open string. */
  readonly highest: number;
  /** Whether two fingers stand on neighbouring strings. */
  readonly acrossStrings: boolean;
  /** Whether it goes across two strings between first and fourth finger, where the hand of violin and viola reaches further. */
  readonly tenth: boolean;
  /** Whether it is measured from the thumb. */
  readonly thumb: boolean;
  /** The places of first and second finger where they stand more than their semitone apart (cello, double bass); null elsewhere. */
  readonly firstToSecond: readonly [number, number] | null;
}

/** A verdict on a reach: within comfort, beyond it, or beyond the largest span. */
export type ReachVerdict = 'comfort' | 'stretch' | 'beyond';

/** The demand of a placement on a hand, mm, and the span of this hand for it. */
export interface Reach {
  /** The demand of the note on the hand, mm. */
  readonly needMm: number;
  /** The span with which it is compared. */
  readonly span: Span;
}

/** Finds the demand of a placement, as places; null for an open string. */
export function reachNeedOf(model: HandModel, placement: Placement): ReachNeed | null {
  if (stopsIn(placement).length === 0) return null;
  const stops = soundingIn(placement).filter(({ finger }) => finger !== '0');
  const { lowest, highest } = model.needOf(placement);
  const twoFingers = new Set(stops.map((stop) => stop.finger)).size > 1;
  return {
    lowest,
    highest,
    acrossStrings: twoFingers,
    tenth: twoFingers && model.school === 'standard' && stops.every((stop) => stop.finger === '1' || stop.finger === '4'),
    thumb: inThumbPosition(placement),
    firstToSecond: model.firstToSecond(placement),
  };
}

/**
 * Finds the demand of two fingers that follow each other in a hand that stays: the length of string between them, or the demand of the
 * later note by itself if that is more. Null where either plays an open string.
 */
export function momentNeed(model: HandModel, before: Placement, after: Placement): ReachNeed | null {
  const own = reachNeedOf(model, after);
  if (own === null || stopsIn(before).length === 0) return null;
  const places = [...stopsIn(before), ...stopsIn(after)].map((stop) => stop.semitonesAboveOpen);
  const [lowest, highest] = [Math.min(...places), Math.max(...places)];
  return highest - lowest <= own.highest - own.lowest ? own : { ...own, lowest, highest, acrossStrings: false, tenth: false };
}

/**
 * Gives the distance between the outermost fingers that must stand at once: along one string `mm(highest) − mm(lowest)`, for a double stop
 * `√(along² + across²)` with the strings' spacing there (Pythagoras; the fingerboard taken as flat).
 */
export function needMm(need: ReachNeed, instrument: Instrument): number {
  const { lowest, highest, acrossStrings } = need;
  const along = mmFromNut(instrument.stringLengthMm, highest) - mmFromNut(instrument.stringLengthMm, lowest);
  const across = acrossStrings ? stringSpacingMm(instrument, mmFromNut(instrument.stringLengthMm, (lowest + highest) / 2)) : 0;
  return Math.hypot(along, across);
}

/** Gives the demand of a need on this hand on this instrument: of its parts the one that demands most, measured by the span it has. */
export function reachFor(need: ReachNeed, hand: PlayerHand, instrument: Instrument): Reach {
  const whole: Reach = {
    needMm: needMm(need, instrument),
    span: need.thumb ? hand.thumbToThird : need.tenth ? hand.acrossStrings : hand.firstToFourth,
  };
  if (need.firstToSecond === null || hand.firstToSecond === null) return whole;
  const [from, to] = need.firstToSecond;
  const inner: Reach = {
    needMm: mmFromNut(instrument.stringLengthMm, to) - mmFromNut(instrument.stringLengthMm, from),
    span: hand.firstToSecond,
  };
  return strain(inner) > strain(whole) ? inner : whole;
}

/** Gives the strain of a need on a span: up to 1 within comfort, up to 2 within the largest span, more beyond it. */
function strain({ needMm: need, span }: Reach): number {
  if (need <= span.comfortMm) return need / span.comfortMm;
  if (need <= span.maxMm) return 1 + (need - span.comfortMm) / (span.maxMm - span.comfortMm);
  return 1 + need / span.maxMm;
}

/** Gives the demand of a placement on this hand on this instrument; null for an open string. */
export function reachOf(model: HandModel, hand: PlayerHand, instrument: Instrument, placement: Placement): Reach {
  const need = reachNeedOf(model, placement);
  return need === null ? { needMm: 0, span: hand.firstToFourth } : reachFor(need, hand, instrument);
}

/** Judges a strain: within comfort, stretch or beyond. */
export function verdictOf({ needMm: need, span }: Reach): ReachVerdict {
  return need <= span.comfortMm ? 'comfort' : need <= span.maxMm ? 'stretch' : 'beyond';
}

/**
 * Finds the lowest whole semitone above the open string at which the next semitone is narrower than two fingers pressed together, so that
 * one must give way to its neighbour; null where that is beyond the fingerboard.
 */
export function lowestCrowded(instrument: Instrument, fingerDistanceMm: number): number | null {
  for (let place = 0; place <= instrument.highestSemitone; place += 1) {
    if (semitoneSpaceMm(instrument.stringLengthMm, place) < fingerDistanceMm) return place;
  }
  return null;
}
