import { finePitchHz, type Sound } from '#core/listening';
import { pitchFinder } from './period.ts';

/** The pitch and the loudness of a sound over time, in frames that follow each other evenly. */
export interface Frames {
  /** The time from one frame to the next, seconds; the first is at nothing. */
  readonly every: number;
  /** The length of the sound around a frame that its pitch is taken from, seconds. */
  readonly window: number;
  /** The pitch of each frame, cents above A4 at 440 Hz; not a number where none is heard. */
  readonly cents: Float32Array;
  /** 1 for each frame that is louder than the noise of the place, whether or not it has one pitch; otherwise 0. */
  readonly heard: Uint8Array;
  /** The share of each frame that is one pitch, 0 … 1. */
  readonly clarity: Float32Array;
  /** The loudness of each frame, in a time much shorter than the pitch needs, decibels of the loudest there is. */
  readonly decibels: Float32Array;
}

/** The frames in a second. */
export const FRAMES_A_SECOND = 100;

/** The sound around each frame that its loudness is taken from: seconds, and at least this number of periods, or it would swing with each. */
const LOUDNESS = { seconds: 0.012, periods: 1.5 } as const;

/** The pitch from which the first guess is made finer, since a period has few samples; the samples that this takes. */
const FINER_FROM_HZ = 300;
const FINER_SAMPLES = 768;
const MOST_CORRECTED = 0.02;

/** The periods of the lowest note that a pitch needs: fewer are not told from noise. */
const PERIODS = 3.2;

/** The clarity below which no pitch counts. */
const CLEAR_FROM = 0.6;

/** The decibels below the loudest of a take at which nothing sounds, whatever else. */
const HEARD_WITHIN = 45;

/** The quietest share of the frames is the noise of the place where it lies far below the loudest; a sound rises above it, decibels. */
const QUIETEST = 0.02;
const NOISE_BELOW = 15;
const ABOVE_NOISE = 6;

/** Gives the number of samples around a frame in which notes down to a frequency can be told: a power of two. */
function windowFor(lowestHz: number, sampleRate: number): number {
  return 2 ** Math.ceil(Math.log2((PERIODS * sampleRate) / lowestHz));
}

/** Listens to a sound frame by frame: its pitch and its loudness. */
export function framesOf({ samples, sampleRate }: Sound, lowestHz: number): Frames {
  const size = windowFor(lowestHz, sampleRate);
  const count = Math.max(1, Math.floor((samples.length / sampleRate) * FRAMES_A_SECOND));
  const findPitch = pitchFinder(size, sampleRate, lowestHz);
  const decibels = decibelsOf({ samples, sampleRate }, count, Math.max(LOUDNESS.seconds, LOUDNESS.periods / lowestHz));
  const floor = floorOf(decibels);
  const [cents, clarity] = [new Float32Array(count).fill(NaN), new Float32Array(count)];
  const heard = Uint8Array.from(decibels, (loud) => Number(loud >= floor));
  const around = new Float32Array(size);
  for (let frame = 0; frame < count; frame += 1) {
    const first = Math.round((frame / FRAMES_A_SECOND) * sampleRate - size / 2);
    if (heard[frame] === 0) continue;
    around.fill(0);
    around.set(samples.subarray(Math.max(0, first), Math.max(0, first + size)), Math.max(0, -first));
    const { hz, clarity: clear } = findPitch(around);
    clarity[frame] = clear;
    if (clear < CLEAR_FROM || hz <= 0) continue;
    const middle = Math.max(0, Math.round((frame / FRAMES_A_SECOND) * sampleRate) - FINER_SAMPLES / 2);
    const fine = hz < FINER_FROM_HZ ? hz : finePitchHz(samples.subarray(middle, middle + FINER_SAMPLES), sampleRate, hz);
    // A correction that goes far is none: two notes sound in the frame.
    cents[frame] = 1200 * Math.log2((Math.abs(fine / hz - 1) < MOST_CORRECTED ? fine : hz) / 440);
  }
  return { every: 1 / FRAMES_A_SECOND, window: size / sampleRate, cents, heard, clarity, decibels };
}

/** Gives the loudness below which nothing that is played sounds, decibels. */
function floorOf(decibels: Float32Array): number {
  const sorted = decibels.toSorted();
  const loudest = sorted.at(-1) ?? -120;
  const noise = sorted[Math.floor(QUIETEST * sorted.length)] ?? -120;
  return Math.max(loudest - HEARD_WITHIN, noise < loudest - NOISE_BELOW ? noise + ABOVE_NOISE : -Infinity);
}

function decibelsOf({ samples, sampleRate }: Sound, count: number, seconds: number): Float32Array {
  const half = Math.round((seconds * sampleRate) / 2);
  return Float32Array.from({ length: count }, (_, frame) => {
    const centre = Math.round((frame / FRAMES_A_SECOND) * sampleRate);
    const around = samples.subarray(Math.max(0, centre - half), centre + half);
    const squares = around.reduce((sum, sample) => sum + sample * sample, 0);
    return 10 * Math.log10(squares / Math.max(1, around.length) + 1e-12);
  });
}
