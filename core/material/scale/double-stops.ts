import type { Finger } from '#core/hand/placement';
import type { Pitch } from '#core/pitch';
import { scalePitches, type ScaleRun } from './scale.ts';

/** The double stops offered along a scale. */
export const DOUBLE_STOP_INTERVALS = ['thirds', 'sixths', 'octaves', 'fingered-octaves', 'tenths', 'unisons'] as const;

/** A row of double stops along a scale. */
export type DoubleStopInterval = (typeof DOUBLE_STOP_INTERVALS)[number];

/** The fingers of a double stop: of the lower note and the upper. */
export type FingerPair = readonly [Finger, Finger];

/** Two notes played together, and the finger pairs that make the figure what it is; null leaves them free. */
export interface NotePair {
  /** The lower note. */
  readonly lower: Pitch;
  /** The upper note. */
  readonly upper: Pitch;
  /** The fingers of the lower note and the upper. */
  readonly fingerPairs: readonly FingerPair[] | null;
}

const DEGREES_APART: Readonly<Record<DoubleStopInterval, number>> = {
  thirds: 2,
  sixths: 5,
  octaves: 7,
  'fingered-octaves': 7,
  tenths: 9,
  unisons: 0,
};

/** The finger pairs of octaves: 1–4, with the thumb T–3, or with the open string below; fingered octaves are 1–3 and 2–4. */
const FINGER_PAIRS: Readonly<Record<DoubleStopInterval, readonly FingerPair[] | null>> = {
  thirds: null,
  sixths: null,
  octaves: [
    ['1', '4'],
    ['T', '3'],
    ['0', '3'],
    ['0', '4'],
    ['0', '2'],
  ],
  'fingered-octaves': [
    ['1', '3'],
    ['2', '4'],
  ],
  tenths: null,
  unisons: null,
};

/** Lists the first `degrees` notes of a rising scale, each with the note the interval above it; `rising` must go on far enough. */
function doubleStops(degrees: number, rising: readonly Pitch[], interval: DoubleStopInterval): readonly NotePair[] {
  const apart = DEGREES_APART[interval];
  return rising.slice(0, degrees).flatMap((lower, index) => {
    const upper = rising[index + apart];
    return upper ? [{ lower, upper, fingerPairs: FINGER_PAIRS[interval] }] : [];
  });
}

/** The octaves of the scale beyond its own that double stops need: two, since the widest lies a tenth above. */
const FURTHER_OCTAVES = 2;

/** Lists a scale in double stops, one way of it, rising; null where a note cannot be spelled. */
export function doubleStopScale(scale: ScaleRun, interval: DoubleStopInterval): readonly NotePair[] | null {
  const own = scalePitches(scale);
  const further = scalePitches({ ...scale, octaves: scale.octaves + FURTHER_OCTAVES });
  return own && further && doubleStops(own.length, further, interval);
}
