import { PitchDetector } from 'pitchy';
import { finePitchHz, levelOf } from '#core/listening';

/** A pitch heard in a short part of sound, or the reason why there is none. */
export type Heard =
  | { readonly kind: 'silent' | 'clipped' | 'unclear' }
  /** The frequency, Hz. */
  | { readonly kind: 'pitch'; readonly hz: number };

/** The clarity from which a pitch counts, 0 … 1. */
const CLEAR_FROM = 0.8;

const detectors = new Map<number, PitchDetector<Float32Array>>();

/** Listens to a short part of sound: a first guess by autocorrelation, then to a fraction of a cent. */
export function listen(samples: Float32Array, sampleRate: number): Heard {
  const level = levelOf(samples);
  if (level !== 'sounding') return { kind: level };
  const [roughHz, clarity] = detectorFor(samples.length).findPitch(samples, sampleRate);
  if (clarity < CLEAR_FROM || roughHz <= 0) return { kind: 'unclear' };
  return { kind: 'pitch', hz: finePitchHz(samples, sampleRate, roughHz) };
}

/** Gives one detector for a length of stretch, because its tables are worth keeping. */
function detectorFor(size: number): PitchDetector<Float32Array> {
  const known = detectors.get(size) ?? PitchDetector.forFloat32Array(size);
  detectors.set(size, known);
  return known;
}
