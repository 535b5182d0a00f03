import { Autocorrelator } from 'pitchy';

/** A pitch found in a short part of sound. */
export interface FoundPitch {
  readonly hz: number;
  /** How much of the sound is this pitch, 0 … 1. */
  readonly clarity: number;
}

/** The share of the best period’s clarity that a shorter one needs: a tone repeats after two of its periods as well. */
const NEARLY_AS_CLEAR = 0.88;

/**
 * Makes a finder of the period of a sound by its normalised square difference (McLeod and Wyvill, “A smarter way to find pitch”, 2005).
 * Only periods down to a lowest pitch are considered: those near the length of the sound have too few samples to be compared.
 */
export function pitchFinder(size: number, sampleRate: number, lowestHz: number): (samples: Float32Array) => FoundPitch {
  const longest = Math.min(Math.floor(sampleRate / lowestHz) + 2, size - 1);
  const correlator = Autocorrelator.forFloat32Array(size);
  const correlation = new Float32Array(size);
  const likeness = new Float64Array(longest + 1);
  return (samples) => {
    correlator.autocorrelate(samples, correlation);
    // The energy of both stretches that are compared loses one sample at either end with each step.
    let energy = 2 * (correlation[0] ?? 0);
    for (let period = 0; period <= longest; period += 1) {
      likeness[period] = energy > 0 ? (2 * (correlation[period] ?? 0)) / energy : 0;
      energy -= (samples[period] ?? 0) ** 2 + (samples[size - period - 1] ?? 0) ** 2;
    }
    return chosenPeriod(likeness, sampleRate);
  };
}

/** Chooses the shortest period that is nearly as clear as the clearest, to a part of a sample. */
function chosenPeriod(likeness: Float64Array, sampleRate: number): FoundPitch {
  const peaks = peaksOf(likeness);
  const clearest = peaks.reduce((most, { height }) => Math.max(most, height), 0);
  const chosen = peaks.find(({ height }) => height >= NEARLY_AS_CLEAR * clearest);
  return chosen ? { hz: sampleRate / chosen.period, clarity: Math.min(1, chosen.height) } : { hz: 0, clarity: 0 };
}

/** Lists the highest place of each stretch in which the sound is like itself, after the first in which it is not. */
function peaksOf(likeness: Float64Array): readonly { readonly period: number; readonly height: number }[] {
  const peaks: { readonly period: number; readonly height: number }[] = [];
  let period = 1;
  while (period < likeness.length && (likeness[period] ?? 0) > 0) period += 1;
  let best = 0;
  for (; period < likeness.length; period += 1) {
    const now = likeness[period] ?? 0;
    if (now > 0 && (best === 0 || now > (likeness[best] ?? 0))) best = period;
    const ends = now <= 0 || period === likeness.length - 1;
    if (!ends || best === 0) continue;
    if (best < likeness.length - 1) peaks.push(peakAt(likeness, best));
    best = 0;
  }
  return peaks;
}

/** Gives the top of a curve near one of its points, through the points beside it. */
function peakAt(likeness: Float64Array, period: number): { readonly period: number; readonly height: number } {
  const [before, here, after] = [likeness[period - 1] ?? 0, likeness[period] ?? 0, likeness[period + 1] ?? 0];
  const bend = before - 2 * here + after;
  const shift = bend < 0 ? (0.5 * (before - after)) / bend : 0;
  return { period: period + shift, height: here - 0.25 * (before - after) * shift };
}
