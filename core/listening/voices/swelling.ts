import type { Sound } from '#core/listening';

/** The way in which one frequency of a sound swells and turns: numbers in the plane, evenly in time. */
export interface Swelling {
  readonly real: Float64Array;
  readonly imaginary: Float64Array;
  /** The time from one number to the next, seconds. */
  readonly every: number;
}

/** The periods of the lower note that each number is taken from, and the least time, seconds: all other partials even out in it. */
const PERIODS = 2;
const LEAST = 0.024;

/**
 * Follows one frequency of a sound, as seen from a wheel that turns with it: a tone of this very frequency stands still, one beside it turns
 * with the difference. The sound is averaged under a raised cosine, two halves of which are whole periods of `lowerHz`, so that every other
 * partial of that note is nothing in it.
 */
export function swellingAt({ samples, sampleRate }: Sound, hz: number, lowerHz: number): Swelling {
  const periods = Math.max(PERIODS, Math.ceil(LEAST * lowerHz));
  const size = Math.round((periods * sampleRate) / lowerHz);
  const step = Math.max(1, Math.floor(size / 3));
  const count = Math.max(0, Math.floor((samples.length - size) / step) + 1);
  const [real, imaginary] = [new Float64Array(count), new Float64Array(count)];
  const hill = Float64Array.from({ length: size }, (_, index) => 0.5 - 0.5 * Math.cos((2 * Math.PI * index) / size));
  const angle = (-2 * Math.PI * hz) / sampleRate;
  // The wheel turns evenly, so that each of its places follows from the one before.
  const [stepReal, stepImaginary] = [Math.cos(angle), Math.sin(angle)];
  for (let order = 0; order < count; order += 1) {
    const first = order * step;
    let [turnReal, turnImaginary, sumReal, sumImaginary] = [Math.cos(angle * first), Math.sin(angle * first), 0, 0];
    for (let index = 0; index < size; index += 1) {
      const value = (samples[first + index] ?? 0) * (hill[index] ?? 0);
      sumReal += value * turnReal;
      sumImaginary += value * turnImaginary;
      const turned = turnReal * stepReal - turnImaginary * stepImaginary;
      turnImaginary = turnReal * stepImaginary + turnImaginary * stepReal;
      turnReal = turned;
    }
    [real[order], imaginary[order]] = [sumReal, sumImaginary];
  }
  return { real, imaginary, every: step / sampleRate };
}

/** Gives the turning of a swelling over time, radians, without leaps. */
export function turningOf({ real, imaginary }: Swelling): Float64Array {
  const turning = new Float64Array(real.length);
  for (let order = 0; order < real.length; order += 1) {
    const angle = Math.atan2(imaginary[order] ?? 0, real[order] ?? 0);
    const before = order === 0 ? angle : (turning[order - 1] ?? 0);
    const change = angle - before;
    turning[order] = before + (change - 2 * Math.PI * Math.round(change / (2 * Math.PI)));
  }
  return turning;
}

/** Turns a swelling back by some angles, radians. */
export function turnBack({ real, imaginary, every }: Swelling, by: Float64Array): Swelling {
  const turned = [...real].map((x, order) => {
    const [y, angle] = [imaginary[order] ?? 0, -(by[order] ?? 0)];
    return [x * Math.cos(angle) - y * Math.sin(angle), x * Math.sin(angle) + y * Math.cos(angle)] as const;
  });
  return { real: Float64Array.from(turned, ([x]) => x), imaginary: Float64Array.from(turned, ([, y]) => y), every };
}
