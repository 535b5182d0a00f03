import { finePitchHz, loudnessOf } from '#core/listening';
import { pitchFinder } from '#core/listening/reading';
import type { HeardNow } from './live-follower.ts';

/** Hears a stream of sound, part by part. */
export interface LiveEar {
  /** Hears the next samples, −1 … 1, and tells what sounds now. */
  readonly hear: (samples: Float32Array) => HeardNow;
}

/** The periods of the lowest note that a pitch needs. */
const PERIODS = 3.2;

/** The clarity below which nothing is heard, and the loudness below which nothing sounds, 0 … 1. */
const CLEAR_FROM = 0.8;
const SOUNDS_FROM = 0.004;

/** The growth of loudness within two parts that is a beginning. */
const GROWS_BY = 2.5;

/** The parts after a beginning within which there is no other. */
const APART = 5;

/** The samples that a fine pitch is taken from. */
const FINE_SAMPLES = 2048;

/** Makes an ear for a line whose lowest note is given, Hz, at a number of samples a second. */
export function liveEar(lowestHz: number, sampleRate: number): LiveEar {
  const size = 2 ** Math.ceil(Math.log2((PERIODS * sampleRate) / lowestHz));
  const findPitch = pitchFinder(size, sampleRate, lowestHz);
  const kept = new Float32Array(Math.max(size, FINE_SAMPLES));
  let [before, last, sinceBegun] = [0, 0, APART];
  return {
    hear: (samples) => {
      kept.copyWithin(0, samples.length);
      kept.set(samples.subarray(-kept.length), Math.max(0, kept.length - samples.length));
      const loudness = loudnessOf(samples);
      sinceBegun += 1;
      const begins = loudness > SOUNDS_FROM && loudness > GROWS_BY * Math.min(before, last) && sinceBegun >= APART;
      if (begins) sinceBegun = 0;
      [before, last] = [last, loudness];
      if (loudness < SOUNDS_FROM) return { hz: null, begins };
      const { hz, clarity } = findPitch(kept.subarray(kept.length - size));
      if (clarity < CLEAR_FROM || hz <= 0) return { hz: null, begins };
      const part = kept.subarray(kept.length - Math.min(size, FINE_SAMPLES));
      const fine = finePitchHz(part, sampleRate, hz);
      return { hz: Math.abs(fine / hz - 1) < 0.02 ? fine : hz, begins };
    },
  };
}
