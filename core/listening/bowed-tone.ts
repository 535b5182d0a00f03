import { seededNumbers } from './seeded.ts';

/** A tone for the stand-in to play. */
export interface Tone {
  /** The frequency, Hz. */
  readonly hz: number;
  /** The length, seconds. */
  readonly seconds: number;
  /** The samples a second. */
  readonly sampleRate: number;
  /** The loudness of the whole tone, 0 … 1. */
  readonly loudness: number;
}

/** The highest partial that is played; those above it are too weak to matter. */
const MOST_PARTIALS = 16;

/** The time within which the tone begins and ends, seconds, so that there is no click. */
const RAMP_SECONDS = 0.03;

/** The noise of the bow against the tone. */
const BOW_NOISE = 0.01;

/**
 * Makes a bowed string as the ear knows it: the string moves in a sawtooth (Helmholtz), so its partials are whole multiples of the
 * fundamental with amplitudes 1/k; a little noise of the bow is added, the same for the same tone. Samples −1 … 1.
 */
export function bowedTone({ hz, seconds, sampleRate, loudness }: Tone): Float32Array {
  const samples = new Float32Array(Math.round(seconds * sampleRate));
  const partials = Math.max(1, Math.min(MOST_PARTIALS, Math.floor(sampleRate / 2 / hz) - 1));
  const ramp = RAMP_SECONDS * sampleRate;
  const noise = seededNumbers(hz * 100);
  // The sum of 1/k·sin stays below 1.86; scaled by it, the loudest sample stays below the loudness.
  const scale = loudness / 2;
  for (let index = 0; index < samples.length; index += 1) {
    const angle = (2 * Math.PI * hz * index) / sampleRate;
    let sum = BOW_NOISE * (2 * noise() - 1);
    for (let partial = 1; partial <= partials; partial += 1) sum += Math.sin(partial * angle) / partial;
    samples[index] = sum * scale * Math.min(1, index / ramp, (samples.length - 1 - index) / ramp);
  }
  return samples;
}

/** Mixes two tones bowed together, each half as loud. */
export function together(one: Float32Array, other: Float32Array): Float32Array {
  return one.map((sample, index) => 0.5 * (sample + (other[index] ?? 0)));
}
