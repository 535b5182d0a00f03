import { LANDED_FOR, loudnessWay, pitchWay, type Stroke } from './bow-strokes.ts';

/** The sound in which a voice is written. */
export interface VoiceSound {
  /** The sound so far, to which the voice is added. */
  readonly samples: Float32Array;
  /** The samples a second. */
  readonly sampleRate: number;
  /** The strength of a partial by its number and its frequency. */
  readonly strength: (partial: number, hz: number) => number;
  /** The vibrato of stopped notes. */
  readonly vibrato: { readonly cents: number; readonly hz: number } | null;
  /** Chance from 0 up to 1. */
  readonly random: () => number;
}

/** The most partials, and the samples after which their strengths are asked again. */
const MOST_PARTIALS = 20;
const ASKED_AFTER = 64;

/** The loudness of a voice, and of the noise of its bow against it. */
const LOUDNESS = 0.2;
const BOW_NOISE = 0.012;

/** The noise of a bow that bites, against the voice, and how quickly it passes, seconds. */
const BITE = { loudness: 0.12, seconds: 0.02 } as const;

/**
 * Adds the strokes of one voice, built from partials that are exact multiples while the bow moves (Helmholtz motion); gives the mean of the
 * pitch of each stroke, cents from its centre, without vibrato and without the way into it: the truth.
 */
export function addStrokes(strokes: readonly Stroke[], sound: VoiceSound): readonly number[] {
  let phase = 0;
  return strokes.map((stroke) => {
    const { mean, phase: next } = addStroke(stroke, stroke.slurred ? phase : sound.random(), sound);
    phase = next;
    if (!stroke.goesOn) addRinging(stroke, sound);
    return mean;
  });
}

function addStroke(stroke: Stroke, begins: number, sound: VoiceSound): { readonly mean: number; readonly phase: number } {
  const { samples, sampleRate, strength, random } = sound;
  const [cents, loudness] = [pitchWay(stroke, sound), loudnessWay(stroke)];
  const first = Math.round(stroke.at * sampleRate);
  const count = Math.min(samples.length, Math.round(stroke.until * sampleRate)) - first;
  const strengths = new Float64Array(MOST_PARTIALS + 1);
  let phase = begins;
  let [loudnessNow, hz] = [0, stroke.hz];
  for (let index = 0; index < count; index += 1) {
    const seconds = index / sampleRate;
    if (index % ASKED_AFTER === 0) {
      hz = stroke.hz * 2 ** (cents(seconds) / 1200);
      loudnessNow = loudness(seconds);
      // High partials need a string that moves fully.
      for (let partial = 1; partial <= MOST_PARTIALS; partial += 1)
        strengths[partial] = partial * hz < 0.45 * sampleRate ? strength(partial, partial * hz) * loudnessNow ** (1 + 0.15 * partial) : 0;
    }
    const noise = BOW_NOISE * loudnessNow + (stroke.slurred ? 0 : BITE.loudness * Math.exp(-seconds / BITE.seconds) * loudnessNow);
    samples[first + index] = (samples[first + index] ?? 0) + LOUDNESS * (sumOfPartials(phase, strengths) + noise * (2 * random() - 1));
    phase += hz / sampleRate;
    if (phase >= 1) phase -= 1;
  }
  return { mean: meanPitch(stroke, sound, cents), phase };
}

/** Gives the sum of partials at a phase, in turns: each sine follows from the two before it (Chebyshev’s recurrence). */
function sumOfPartials(phase: number, strengths: Float64Array): number {
  const angle = 2 * Math.PI * phase;
  const twice = 2 * Math.cos(angle);
  let [before, now, sum] = [0, Math.sin(angle), 0];
  for (let partial = 1; partial <= MOST_PARTIALS; partial += 1) {
    sum += (strengths[partial] ?? 0) * now;
    [before, now] = [now, twice * now - before];
  }
  return sum;
}

/** The part of a stroke that is neither its beginning nor its end, in which its pitch is judged: seconds from either end, or a share. */
const EDGE = { seconds: 0.06, share: 0.25 } as const;
const MOST_EDGE = 0.45;

/** Gives the mean pitch of the inner part of a stroke, cents from its centre, as if it had no vibrato. */
function meanPitch(stroke: Stroke, sound: VoiceSound, cents: (seconds: number) => number): number {
  const length = stroke.until - stroke.at;
  const settles = stroke.landing ? LANDED_FOR + stroke.landing.seconds : 0;
  const begins = (stroke.from?.seconds ?? 0) + settles;
  const edge = Math.min(MOST_EDGE * length, Math.max(Math.min(EDGE.seconds, EDGE.share * length), begins));
  const steps = 200;
  const swings = sound.vibrato !== null && stroke.stopped;
  if (swings) return 0;
  let sum = 0;
  for (let step = 0; step < steps; step += 1) sum += cents(edge + ((length - 2 * edge) * (step + 0.5)) / steps);
  return sum / steps;
}

/** The ringing of a string that the bow has left: how loud against the voice, and how quickly it passes, seconds. */
const RINGS = { loudness: 0.12, seconds: 0.14, partials: 6, stiffness: 0.00012 } as const;

/** Adds the ringing after a stroke: a free string, whose partials are a little too high, since it is stiff. */
function addRinging({ until, hz }: Stroke, { samples, sampleRate, strength }: VoiceSound): void {
  const first = Math.round(until * sampleRate);
  const count = Math.min(samples.length - first, Math.round(4 * RINGS.seconds * sampleRate));
  for (let partial = 1; partial <= RINGS.partials; partial += 1) {
    const own = partial * hz * Math.sqrt((1 + RINGS.stiffness * partial ** 2) / (1 + RINGS.stiffness));
    if (own > 0.45 * sampleRate) break;
    const loudness = LOUDNESS * RINGS.loudness * strength(partial, own);
    for (let index = 0; index < count; index += 1) {
      const seconds = index / sampleRate;
      const fading = Math.exp((-seconds * partial ** 0.5) / RINGS.seconds) * Math.min(1, seconds / 0.01);
      samples[first + index] = (samples[first + index] ?? 0) + loudness * fading * Math.sin(2 * Math.PI * own * seconds);
    }
  }
}
