import { finePitchHz, type Sound, strengthAt } from '#core/listening';
import { clearPartials } from './clear-partials.ts';

/** One of two voices that sound together. */
export interface SoughtVoice {
  /** The pitch at which it aims, Hz. */
  readonly hz: number;
  /** The pitch at which the other aims, Hz. */
  readonly otherHz: number;
}

/** The pitch of a voice over time. */
export interface VoiceTrack {
  /** The middles of the parts that it was read in, seconds from the first sample. */
  readonly times: readonly number[];
  /** The pitch in each, cents from the aim. */
  readonly cents: readonly number[];
}

/** The parts in which a voice is read one after the other: their length, seconds, and the share by which they overlap. */
const PART_SECONDS = 0.2;
const OVERLAP = 0.5;

/** The share of a part whose frequencies are told apart: pitches are compared in two stretches of this length. */
const STRETCH = 0.75;

/** The distance from its aim within which a voice is looked for, and the steps, cents. */
const AROUND = 90;
const STEP = 10;

/** The length of sound in which it is looked for, seconds. */
const LOOKED_IN = 0.4;

/** The distance from the rest of its track at which a part is no part of it, cents. */
const PART_OF_IT = 60;

/**
 * Reads the pitch of one of two voices, by those of its partials that stand clear of the other’s. Null where none does: the voices of an
 * octave share every partial of the upper one.
 */
export function voicePitch({ samples, sampleRate }: Sound, { hz, otherHz }: SoughtVoice): VoiceTrack | null {
  const whole = samples.length / sampleRate;
  const seconds = [PART_SECONDS, 1.5 * PART_SECONDS, 2 * PART_SECONDS, whole].find(
    (length) => length <= whole && clearPartials(hz, otherHz, STRETCH * length).length > 0,
  );
  if (seconds === undefined) return null;
  const partials = clearPartials(hz, otherHz, STRETCH * seconds).slice(0, 5);
  const rough = hz * 2 ** (foundNear({ samples, sampleRate }, hz, partials) / 1200);
  const size = Math.floor(seconds * sampleRate);
  const step = Math.max(1, Math.floor(size * (1 - OVERLAP)));
  const [times, cents]: [number[], number[]] = [[], []];
  for (let first = 0; first + size <= samples.length; first += step) {
    const fine = finePitchHz(samples.subarray(first, first + size), sampleRate, rough, partials);
    times.push((first + size / 2) / sampleRate);
    cents.push(1200 * Math.log2(fine / hz));
  }
  const middle = cents.toSorted((one, other) => one - other)[Math.floor(cents.length / 2)] ?? 0;
  const kept = cents.map((value) => Math.abs(value - middle) < PART_OF_IT);
  return { times: times.filter((_, order) => kept[order]), cents: cents.filter((_, order) => kept[order]) };
}

/** Finds where around its aim a note sounds most, cents from it: where all of its clear partials are there. */
function foundNear({ samples, sampleRate }: Sound, hz: number, partials: readonly number[]): number {
  const size = Math.min(samples.length, Math.floor(LOOKED_IN * sampleRate));
  const first = Math.floor((samples.length - size) / 2);
  const part = samples.subarray(first, first + size);
  const audible = partials.slice(0, 3).filter((partial) => partial * hz < 0.45 * sampleRate);
  let [best, most] = [0, -1];
  for (let cents = -AROUND; cents <= AROUND; cents += STEP) {
    const there = hz * 2 ** (cents / 1200);
    const sum = audible.reduce((all, partial) => all + Math.sqrt(strengthAt(part, sampleRate, partial * there)), 0);
    if (sum > most) [best, most] = [cents, sum];
  }
  return best;
}
