/** The share of a partial in the sound at one moment. */
interface Phasor {
  /** The amplitude, in the unit of the samples. */
  readonly magnitude: number;
  /** The phase, radians. */
  readonly phase: number;
}

/** The partials that are listened to: enough for a good mean, few enough to be there at the top of the violin. */
const PARTIALS = [1, 2, 3, 4, 5] as const;

/** The distances of the two stretches compared, as shares of the room there is, one after the other. */
const DISTANCES = [1 / 64, 1 / 16, 1 / 4, 1] as const;

/** The share of the samples in one of the two stretches. */
const STRETCH = 0.75;

/**
 * Finds the frequency of a steady tone to a fraction of a cent, from a rough one that is within a few per cent.
 *
 * Two overlapping stretches of the sound are compared: a partial of frequency f turns by 2π·f·d/rate from one to the
 * other, d samples later, so the difference between the turn measured and the turn expected corrects f (the method of the phase
 * vocoder). A turn more or less cannot be seen, so d begins small, where even a rough guess is within half a turn, and
 * grows as the guess gets better. The strongest of the low partials leads; at the end all of them are averaged, each
 * weighted by (amplitude · number)², since a higher partial shows a change of pitch that much more. Where another note sounds as well,
 * only the partials that stand clear of it are given.
 */
export function finePitchHz(samples: Float32Array, sampleRate: number, roughHz: number, partials: readonly number[] = PARTIALS): number {
  const size = Math.floor(samples.length * STRETCH);
  const room = samples.length - size;
  const audible = partials.filter((partial) => partial * roughHz < 0.45 * sampleRate);
  const strength = audible.map((partial) => phasor(samples, 0, size, (partial * roughHz) / sampleRate).magnitude);
  const leading = audible[strength.indexOf(Math.max(...strength))] ?? 1;
  let hz = roughHz;
  const sound = { samples, sampleRate, size };
  for (const share of DISTANCES) hz = correctHz(sound, Math.max(1, Math.floor(room * share)), leading, hz).hz;
  let [sum, weights] = [0, 0];
  for (const partial of audible) {
    const { hz: own, magnitude } = correctHz(sound, room, partial, hz);
    const weight = (magnitude * partial) ** 2;
    sum += own * weight;
    weights += weight;
  }
  return weights > 0 ? sum / weights : hz;
}

/** A sound, and the number of its samples in each of the two stretches. */
interface Compared {
  /** The samples, -1 … 1. */
  readonly samples: Float32Array;
  /** The samples a second. */
  readonly sampleRate: number;
  /** The number of samples in each of the two stretches. */
  readonly size: number;
}

/** Corrects the frequency `hz` by the turn of one of its partials from one stretch to the one `distance` samples later. */
function correctHz(
  { samples, sampleRate, size }: Compared,
  distance: number,
  partial: number,
  hz: number,
): { readonly hz: number; readonly magnitude: number } {
  const turns = (partial * hz) / sampleRate;
  const before = phasor(samples, 0, size, turns);
  const after = phasor(samples, distance, size, turns);
  const excess = (after.phase - before.phase) / (2 * Math.PI) - turns * distance;
  const wrapped = excess - Math.round(excess);
  return { hz: hz + (wrapped * sampleRate) / (distance * partial), magnitude: before.magnitude };
}

/**
 * Gives the Fourier sum of a part of sound at one frequency (turns a sample), under a raised-cosine window, its phase as of its first
 * sample.
 */
function phasor(samples: Float32Array, from: number, size: number, turns: number): Phasor {
  // Both angles grow evenly, so that each sine and cosine follows from the one before.
  const [stepReal, stepImaginary] = [Math.cos(2 * Math.PI * turns), -Math.sin(2 * Math.PI * turns)];
  const [hillReal, hillImaginary] = [Math.cos((2 * Math.PI) / size), Math.sin((2 * Math.PI) / size)];
  let [real, imaginary, turnReal, turnImaginary, hill, slope] = [0, 0, 1, 0, 1, 0];
  for (let index = 0; index < size; index += 1) {
    const sample = (samples[from + index] ?? 0) * (0.5 - 0.5 * hill);
    real += sample * turnReal;
    imaginary += sample * turnImaginary;
    const turned = turnReal * stepReal - turnImaginary * stepImaginary;
    turnImaginary = turnReal * stepImaginary + turnImaginary * stepReal;
    turnReal = turned;
    const hilled = hill * hillReal - slope * hillImaginary;
    slope = hill * hillImaginary + slope * hillReal;
    hill = hilled;
  }
  return { magnitude: (2 * Math.hypot(real, imaginary)) / size, phase: Math.atan2(imaginary, real) };
}

/** Gives the strength of one frequency in a sound, 0 … 1: it swells and fades when two strings beat. */
export function strengthAt(samples: Float32Array, sampleRate: number, hz: number): number {
  return phasor(samples, 0, samples.length, hz / sampleRate).magnitude;
}
