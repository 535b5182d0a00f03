import { Autocorrelator } from 'pitchy';

/** A pitch found in a short part of sound. */
export interface FoundPitch {
  /** The pitch, Hz; 0 where there is none. */
  readonly hz: number;
  /** The share of the sound that is this pitch, 0 … 1. */
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

/** Lists the highest place of each stretch in which the sound is like itself, after the first stretch, which is the sound without a shift. */
function peaksOf(likeness: Float64Array): readonly { readonly period: number; readonly height: number }[] {
  const peaks: { readonly period: number; readonly height: number }[] = [];
  for (let from = stretchEnd(likeness, 0); from < likeness.length;) {
    if ((likeness[from] ?? 0) <= 0) {
      from += 1;
      continue;
    }
    const to = stretchEnd(likeness, from);
    let best = from;
    for (let period = from; period < to; period += 1) if ((likeness[period] ?? 0) > (likeness[best] ?? 0)) best = period;
    if (best < likeness.length - 1) peaks.push(peakAt(likeness, best));
    from = to;
  }
  return peaks;
}

/** Finds the end of a stretch in which the sound is like itself. */
function stretchEnd(likeness: Float64Array, from: number): number {
  let to = from;
  while (to < likeness.length && (likeness[to] ?? 0) > 0) to += 1;
  return to;
}

/** Gives the top of a curve near one of its points, through the points beside it. */
function peakAt(likeness: Float64Array, period: number): { readonly period: number; readonly height: number } {
  const [before, here, after] = [likeness[period - 1] ?? 0, likeness[period] ?? 0, likeness[period + 1] ?? 0];
  const bend = before - 2 * here + after;
  const shift = bend < 0 ? (0.5 * (before - after)) / bend : 0;
  return { period: period + shift, height: here - 0.25 * (before - after) * shift };
}
