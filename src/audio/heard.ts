import { PitchDetector } from 'pitchy';
import { finePitchHz, levelOf } from '#core/listening';

/** What was heard in a short part of sound. */
export type Heard = { readonly kind: 'silent' | 'clipped' | 'unclear' } | { readonly kind: 'pitch'; readonly hz: number };

/** How clear a pitch must be, 0 … 1, to count as one. */
const CLEAR_FROM = 0.8;

const detectors = new Map<number, PitchDetector<Float32Array>>();

/** Listens to a short part of sound: a first guess by autocorrelation, then to a fraction of a cent. */
export function heard(samples: Float32Array, sampleRate: number): Heard {
  const level = levelOf(samples);
  if (level !== 'sounding') return { kind: level };
  const [roughHz, clarity] = detectorFor(samples.length).findPitch(samples, sampleRate);
  if (clarity < CLEAR_FROM || roughHz <= 0) return { kind: 'unclear' };
  return { kind: 'pitch', hz: finePitchHz(samples, sampleRate, roughHz) };
}

/** One detector for a length of stretch: its tables are worth keeping. */
function detectorFor(size: number): PitchDetector<Float32Array> {
  const known = detectors.get(size) ?? PitchDetector.forFloat32Array(size);
  detectors.set(size, known);
  return known;
}
