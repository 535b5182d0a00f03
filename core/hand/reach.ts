import { type Instrument, mmFromNut, stringSpacingMm } from '#core/instrument';
import { badReading, goodReading, type Reading } from '#core/reading';
import { handBeyondSense, handSpansNothing } from '#core/words';
import { FINGER_DISTANCE_MM, type HandPreset, HOME_FRAME, PRESET_SHARES } from './hand-presets.ts';
import type { HandMeasure } from './schema.ts';
import { type HandModel, inThumbPosition, type Placement } from './types.ts';

/** A span of the hand, mm: what is comfortable, and the most there is. */
export interface Span {
  readonly comfortMm: number;
  readonly maxMm: number;
}

/** A player's hand in mm, complete. */
export interface PlayerHand {
  readonly firstToFourth: Span;
  readonly thumbToThird: Span;
  /** Between the centres of two fingers pressed together. */
  readonly fingerDistanceMm: number;
}

/** No hand spans less or more than this between first and fourth finger, a small child's and a giant's. */
const NARROWEST_MM = 20;
const WIDEST_MM = 350;

/**
 * A hand as the brief gives it, completed for an instrument. Refuses a hand that spans nothing, one wider than any, and
 * a comfortable span above the largest.
 */
export function readPlayerHand(measure: HandMeasure, instrument: Instrument): Reading<PlayerHand> {
  const preset = presetHand(measure.preset ?? 'average', instrument);
  const hand: PlayerHand = {
    firstToFourth: measure.firstToFourth ?? preset.firstToFourth,
    thumbToThird: measure.thumbToThird ?? preset.thumbToThird,
    fingerDistanceMm: measure.fingerDistanceMm ?? preset.fingerDistanceMm,
  };
  const spans = [
    ['firstToFourth', hand.firstToFourth],
    ['thumbToThird', hand.thumbToThird],
  ] as const;
  for (const [name, span] of spans) {
    const wrong = wrongSpan(span);
    if (wrong) return badReading({ code: 'instrument', where: { pointer: `/player/hand/${name}` }, ...wrong });
  }
  if (hand.fingerDistanceMm > 0 && hand.fingerDistanceMm <= 40) return goodReading(hand);
  const words = handBeyondSense(hand.fingerDistanceMm, 'Two fingers pressed together stand 5 to 20 mm apart.');
  return badReading({ code: 'instrument', where: { pointer: '/player/hand/fingerDistanceMm' }, ...words });
}

function wrongSpan({ comfortMm, maxMm }: Span): ReturnType<typeof handSpansNothing> | null {
  if (!(maxMm > 0) || !(comfortMm > 0)) return handSpansNothing(Math.min(comfortMm, maxMm));
  const outside = [comfortMm, maxMm].find((mm) => mm < NARROWEST_MM || mm > WIDEST_MM);
  if (outside !== undefined) return handBeyondSense(outside, `Hands span ${NARROWEST_MM} to ${WIDEST_MM} mm; measure in millimetres.`);
  return comfortMm > maxMm ? handBeyondSense(comfortMm, `The comfortable span cannot be more than the largest, ${maxMm} mm.`) : null;
}

/** An estimated hand: shares of this instrument's own home frame. */
export function presetHand(preset: HandPreset, instrument: Instrument): PlayerHand {
  const shares = PRESET_SHARES[instrument.kind][preset];
  const [low, high] = HOME_FRAME[instrument.kind];
  const homeMm = mmFromNut(instrument.stringLengthMm, high) - mmFromNut(instrument.stringLengthMm, low);
  const span: Span = { comfortMm: homeMm * shares.comfort, maxMm: homeMm * shares.max };
  // Thumb position lies an octave up, where the octave's fifth across two strings is about a home frame and a half.
  return {
    firstToFourth: span,
    thumbToThird: { comfortMm: 1.5 * span.comfortMm, maxMm: 1.5 * span.maxMm },
    fingerDistanceMm: FINGER_DISTANCE_MM,
  };
}

/** What a placement asks of the hand, mm, and what this hand has for it. */
export interface Reach {
  readonly needMm: number;
  readonly span: Span;
}

/**
 * The distance between the outermost fingers that must stand at once: along one string `mm(highest) − mm(lowest)`, for a
 * double stop `√(along² + across²)` with the strings' spacing there (Pythagoras; the fingerboard taken as flat).
 */
export function reachOf(model: HandModel, hand: PlayerHand, instrument: Instrument, placement: Placement): Reach {
  const { lowest, highest } = model.needOf(placement);
  const along = mmFromNut(instrument.stringLengthMm, highest) - mmFromNut(instrument.stringLengthMm, lowest);
  const stops = placement.upper ? [placement, placement.upper] : [placement];
  const twoFingers =
    stops.length === 2 && stops.every((stop) => stop.finger !== '0') && new Set(stops.map((stop) => stop.finger)).size === 2;
  const across = twoFingers ? stringSpacingMm(instrument, mmFromNut(instrument.stringLengthMm, (lowest + highest) / 2)) : 0;
  return { needMm: Math.hypot(along, across), span: inThumbPosition(placement) ? hand.thumbToThird : hand.firstToFourth };
}
