import type { Sound } from './sound.ts';

/** The root mean square below which nothing is sounding: −60 dB of the loudest there is. */
const SILENT_BELOW = 0.001;

/** The number of samples in a row at the limit that means that the sound was cut off. */
const CLIPPED_FROM = 4;
const LIMIT = 0.999;

/** Gives the loudness of a sound: its root mean square, 0 … 1. */
export function loudnessOf(samples: Float32Array): number {
  let squares = 0;
  for (const sample of samples) squares += sample * sample;
  return Math.sqrt(squares / Math.max(1, samples.length));
}

/** A judgement on whether a part of sound can be used. */
export type Level = 'silent' | 'clipped' | 'sounding';

/** Judges whether there is a sound, and whether it fits between the limits of the recording, −1 … 1. */
export function levelOf(samples: Float32Array): Level {
  let [squares, run, longest] = [0, 0, 0];
  for (const sample of samples) {
    squares += sample * sample;
    run = Math.abs(sample) >= LIMIT ? run + 1 : 0;
    longest = Math.max(longest, run);
  }
  if (longest >= CLIPPED_FROM) return 'clipped';
  return Math.sqrt(squares / Math.max(1, samples.length)) < SILENT_BELOW ? 'silent' : 'sounding';
}

/** The parts in which a sound is looked at, seconds. */
const PART_SECONDS = 0.5;

/** Finds where a sound was cut off by the limits of the recording: the beginning of each stretch, seconds. */
export function cutOffAt({ samples, sampleRate }: Sound): readonly number[] {
  const size = Math.round(PART_SECONDS * sampleRate);
  const parts = Array.from({ length: Math.ceil(samples.length / size) }, (_, part) => part);
  const cut = parts.map((part) => levelOf(samples.subarray(part * size, (part + 1) * size)) === 'clipped');
  return parts.filter((part) => cut[part] && !cut[part - 1]).map((part) => part * PART_SECONDS);
}
