import type { HandSchool } from '#core/hand';
import type { HandMeasurements, HandPreset } from '#core/hand/reach';

/** The names of schools of the hand, in the sentence. */
export const SCHOOL_LABELS: Readonly<Record<HandSchool, string>> = {
  standard: 'the usual hand',
  neck: 'without thumb position',
  thumb: 'with thumb position',
  '124': 'with fingers 1-2-4',
  '1234': 'with four fingers',
};

/** The source of the hand of a brief. */
export type HandChoice = HandPreset | 'any' | 'measured';

/** The names of the sources of a hand’s spans, in the sentence. */
export const HAND_LABELS: Readonly<Record<HandChoice, string>> = {
  any: 'any hand',
  measured: 'a measured hand',
  small: 'a small hand',
  average: 'an average hand',
  large: 'a large hand',
};

/** Gives the source of the hand of a brief: none, the ruler, or an estimate. */
export function handChoice(hand: HandMeasurements | undefined): HandChoice {
  if (!hand) return 'any';
  return hand.firstToFourth || hand.firstToSecond || hand.thumbToThird ? 'measured' : (hand.preset ?? 'average');
}

/** The names of the verdicts on a reach. */
export const REACH_LABELS: Readonly<Record<'comfort' | 'stretch' | 'beyond', string>> = {
  comfort: 'comfortable',
  stretch: 'a stretch',
  beyond: 'out of reach',
};

/** Writes the fingers of a way to play: "3", of a double stop "1·4", of a chord "0·0·1", the lowest note's finger first. */
export function wayLabel(way: { readonly finger: string; readonly upperFinger: string | null; readonly topFinger: string | null }): string {
  return [way.finger, way.upperFinger, way.topFinger].filter((finger) => finger !== null).join('·');
}
