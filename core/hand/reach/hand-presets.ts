import type { InstrumentKind } from '#core/instrument';

/** The hands offered before the ruler has been used. */
export const HAND_PRESETS = ['small', 'average', 'large'] as const;

/** A hand to start from before the ruler has been used. */
export type HandPreset = (typeof HAND_PRESETS)[number];

/** A span in shares of the instrument's own home frame: the comfortable and the largest. */
export interface SpanShares {
  /** The comfortable span, as a share of the instrument's home frame. */
  readonly comfort: number;
  /** The largest span, as the same share. */
  readonly max: number;
}

const FIDDLE: Readonly<Record<HandPreset, SpanShares>> = {
  small: { comfort: 0.95, max: 1.1 },
  average: { comfort: 1.08, max: 1.25 },
  large: { comfort: 1.2, max: 1.4 },
};

/** Estimates to start from, in shares of the instrument's home frame; a measured hand replaces them. */
export const PRESET_SHARES: Readonly<Record<InstrumentKind, Readonly<Record<HandPreset, SpanShares>>>> = {
  violin: FIDDLE,
  viola: FIDDLE,
  cello: { small: { comfort: 1, max: 1.3 }, average: { comfort: 1.15, max: 1.45 }, large: { comfort: 1.3, max: 1.6 } },
  bass: { small: { comfort: 1, max: 1.15 }, average: { comfort: 1.12, max: 1.3 }, large: { comfort: 1.3, max: 1.55 } },
};

/** The home frame that the shares refer to: semitones of first and fourth finger above the open string, at rest in first position. */
export const HOME_FRAME: Readonly<Record<InstrumentKind, readonly [number, number]>> = {
  violin: [2, 7],
  viola: [2, 7],
  cello: [2, 5],
  bass: [2, 4],
};

/** The smallest distance between two fingers pressed together, mm: an adult's, to start from. */
export const FINGER_DISTANCE_MM = 10;
