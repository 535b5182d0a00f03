import { middleOf, type Sound } from '#core/listening';

/** The known sounds beside a player. */
export interface KnownSounds {
  /** The pitch of a drone, Hz; null for none. */
  readonly droneHz: number | null;
  /** The clicks of a metronome: the time between two, seconds, and after which number of clicks they come round; null for none. */
  readonly clicks: { readonly every: number; readonly round: number } | null;
}

/** Nothing but the player. */
export const NOTHING_KNOWN: KnownSounds = { droneHz: null, clicks: null };

/** Takes what is known to sound beside the player out of a take. */
export function withoutKnown(sound: Sound, { droneHz, clicks }: KnownSounds): Sound {
  const dry = droneHz === null ? sound : withoutDrone(sound, droneHz);
  return clicks === null ? dry : withoutClicks(dry, clicks);
}

/** The partials of a drone that are taken out. */
const DRONE_PARTIALS = 8;

/** The parts in which a drone is measured, seconds, and the share of them, the quietest, that are believed. */
const PART_SECONDS = 0.2;
const BELIEVED = 0.3;

/**
 * Takes a drone out: each of its partials is a tone that never changes, so its strength and phase are measured in many parts of the take,
 * as seen from a wheel that turns with it, and the middle of what the quietest parts say is believed; what the player adds turns otherwise
 * in each of them.
 */
function withoutDrone({ samples, sampleRate }: Sound, droneHz: number): Sound {
  const left = Float32Array.from(samples);
  const size = Math.round(PART_SECONDS * sampleRate);
  const firsts = Array.from({ length: Math.floor(samples.length / size) }, (_, order) => order * size);
  const loudness = new Map(firsts.map((first) => [first, energyOf(samples.subarray(first, first + size))]));
  const quiet = firsts.toSorted((one, other) => (loudness.get(one) ?? 0) - (loudness.get(other) ?? 0));
  const believed = quiet.slice(0, Math.max(3, Math.ceil(BELIEVED * quiet.length)));
  for (let partial = 1; partial <= DRONE_PARTIALS && partial * droneHz < 0.45 * sampleRate; partial += 1) {
    const angle = (2 * Math.PI * partial * droneHz) / sampleRate;
    const parts = believed.map((first) => measureTone(left, first, size, angle));
    const [real, imaginary] = [middleOf(parts.map(([x]) => x)), middleOf(parts.map(([, y]) => y))];
    for (let index = 0; index < left.length; index += 1)
      left[index] = (left[index] ?? 0) - (real * Math.cos(angle * index) + imaginary * Math.sin(angle * index));
  }
  return { samples: left, sampleRate };
}

function energyOf(samples: Float32Array): number {
  return samples.reduce((sum, sample) => sum + sample * sample, 0);
}

/** Measures a tone in a part of sound under a raised cosine: its share of the cosine and of the sine as of the first sample of all. */
function measureTone(samples: Float32Array, first: number, size: number, angle: number): readonly [number, number] {
  let [real, imaginary] = [0, 0];
  for (let index = 0; index < size; index += 1) {
    const value = (samples[first + index] ?? 0) * (1 - Math.cos((2 * Math.PI * index) / size));
    real += value * Math.cos(angle * (first + index));
    imaginary += value * Math.sin(angle * (first + index));
  }
  return [(2 * real) / size, (2 * imaginary) / size];
}

/** The length of a click, and the time before it from which it is taken out, seconds. */
const CLICK_SECONDS = 0.09;
const BEFORE_CLICK = 0.004;

/** The fewest clicks whose middle is believed. */
const FEWEST_CLICKS = 5;

/**
 * Takes the clicks of a metronome out: those at one place of the measure are alike and evenly apart, so the middle of what sounds at each
 * moment after all of them is the click; what the player adds differs each time. With few measures all clicks are taken as alike.
 */
function withoutClicks({ samples, sampleRate }: Sound, { every, round }: NonNullable<KnownSounds['clicks']>): Sound {
  const period = every * sampleRate;
  const size = Math.round(CLICK_SECONDS * sampleRate);
  const beats = Math.floor((samples.length - size) / period);
  if (beats < FEWEST_CLICKS) return { samples, sampleRate };
  const first = firstClick({ samples, sampleRate }, period, beats) - BEFORE_CLICK * sampleRate;
  const places = beats >= FEWEST_CLICKS * round ? round : 1;
  const left = Float32Array.from(samples);
  for (let place = 0; place < places; place += 1) {
    const times = Array.from({ length: Math.ceil((beats + 1 - place) / places) }, (_, turn) => first + (place + turn * places) * period);
    const click = clickAt(samples, times, size);
    for (const time of times)
      for (let index = Math.max(0, Math.ceil(time)); index < Math.min(left.length, time + size - 1); index += 1)
        left[index] = (left[index] ?? 0) - sampleAt(click, index - time);
  }
  return { samples: left, sampleRate };
}

/** Gives the click that is heard at some places: what all sounds there have in common, by those before which it is quietest. */
function clickAt(samples: Float32Array, times: readonly number[], size: number): Float32Array {
  const before = (time: number): number => energyOf(samples.subarray(Math.max(0, Math.floor(time) - size), Math.max(0, Math.floor(time))));
  const quiet = times
    .map((time) => ({ time, energy: before(time) }))
    .toSorted((one, other) => one.energy - other.energy)
    .slice(0, Math.max(FEWEST_CLICKS, Math.ceil(BELIEVED * times.length)));
  return Float32Array.from({ length: size }, (_, step) => middleOf(quiet.map(({ time }) => sampleAt(samples, time + step))));
}

/** The steps in which the place of the clicks is looked for, seconds. */
const PLACE_STEP = 0.001;

/** Finds the first click, in samples: at its place a sharp sound begins beat after beat, if not in each of them. */
function firstClick({ samples, sampleRate }: Sound, period: number, beats: number): number {
  const step = PLACE_STEP * sampleRate;
  const sharpness = Float32Array.from({ length: Math.floor(samples.length / step) }, (_, order) => {
    let sum = 1e-9;
    for (let index = Math.round(order * step); index < (order + 1) * step; index += 1)
      sum += ((samples[index + 1] ?? 0) - 2 * (samples[index] ?? 0) + (samples[index - 1] ?? 0)) ** 2;
    return Math.log(sum);
  });
  let [best, most] = [0, -Infinity];
  for (let order = 0; order * step < period; order += 1) {
    const rises = Array.from({ length: beats }, (_, beat) => {
      const here = Math.round(order + (beat * period) / step);
      return Math.max(sharpness[here] ?? 0, sharpness[here + 1] ?? 0) - Math.max(sharpness[here - 2] ?? 0, sharpness[here - 3] ?? 0);
    });
    const rise = middleOf(rises);
    if (rise > most) [best, most] = [order * step, rise];
  }
  return best;
}

/** Gives a sample between samples, on the cubic curve through the four around it (Catmull and Rom, 1974). */
function sampleAt(samples: Float32Array, place: number): number {
  const whole = Math.floor(place);
  const [a, b, c, d] = [samples[whole - 1] ?? 0, samples[whole] ?? 0, samples[whole + 1] ?? 0, samples[whole + 2] ?? 0];
  const share = place - whole;
  return b + 0.5 * share * (c - a + share * (2 * a - 5 * b + 4 * c - d + share * (3 * (b - c) + d - a)));
}
