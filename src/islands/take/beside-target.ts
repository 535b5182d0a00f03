import { bowedTone, together, type Sound } from '#core/listening';

/** A note to be heard beside its target. */
interface HeardBeside {
  /** The beginning in the take, seconds. */
  readonly from: number;
  /** The end in the take, seconds. */
  readonly to: number;
  /** The targets, Hz: one, or two of a double stop. */
  readonly hz: readonly number[];
}

/** The silence between a note and its target, the length of the target, seconds, and its loudness. */
const PAUSE = 0.15;
const TARGET = { seconds: 0.8, loudness: 0.4 } as const;

/** Makes the sound of a note of a take, and of what it aimed at after it. */
export function besideTarget({ samples, sampleRate }: Sound, { from, to, hz }: HeardBeside): Float32Array<ArrayBuffer> {
  const played = samples.subarray(Math.round(from * sampleRate), Math.round(to * sampleRate));
  const [one = new Float32Array(), other] = hz.map((sound) =>
    bowedTone({ hz: sound, seconds: TARGET.seconds, sampleRate, loudness: TARGET.loudness }),
  );
  const target = other ? together(one, other) : one;
  const targetFrom = played.length + Math.round(PAUSE * sampleRate);
  const both = new Float32Array(targetFrom + target.length);
  both.set(played);
  both.set(target, targetFrom);
  return both;
}
