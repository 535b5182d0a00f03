import { type Interval, type Pitch, transposedBy } from '#core/pitch';

/** The scales of this school, by the names documents use. */
export const SCALE_TYPES = ['major', 'natural-minor', 'harmonic-minor', 'melodic-minor'] as const;

/** A kind of scale. The melodic minor comes down as the natural minor. */
export type ScaleType = (typeof SCALE_TYPES)[number];

/** Semitones of the seven degrees above the tonic, going up. */
const UPWARD: Readonly<Record<ScaleType, readonly number[]>> = {
  major: [0, 2, 4, 5, 7, 9, 11],
  'natural-minor': [0, 2, 3, 5, 7, 8, 10],
  'harmonic-minor': [0, 2, 3, 5, 7, 8, 11],
  'melodic-minor': [0, 2, 3, 5, 7, 9, 11],
};

/** One way of the scale from tonic to tonic, rising order, both ends included; null where a degree cannot be spelled. */
export function scalePitches(tonic: Pitch, type: ScaleType, octaves: number, way: 'up' | 'down'): readonly Pitch[] | null {
  const semitones = UPWARD[type === 'melodic-minor' && way === 'down' ? 'natural-minor' : type];
  return pitchesAbove(
    tonic,
    semitones.map((above, steps) => ({ steps, semitones: above })),
    octaves,
  );
}

/** A pattern of intervals repeated in each octave above the tonic, closed by the tonic on top; null where not spellable. */
export function pitchesAbove(tonic: Pitch, pattern: readonly Interval[], octaves: number): readonly Pitch[] | null {
  const intervals = Array.from({ length: octaves }, (_, octave) => pattern.map((interval) => octavesUp(interval, octave))).flat();
  const pitches = [...intervals, { steps: 7 * octaves, semitones: 12 * octaves }].map((interval) => transposedBy(tonic, interval));
  return pitches.every((pitch) => pitch !== null) ? pitches : null;
}

function octavesUp(interval: Interval, octaves: number): Interval {
  return { steps: interval.steps + 7 * octaves, semitones: interval.semitones + 12 * octaves };
}
