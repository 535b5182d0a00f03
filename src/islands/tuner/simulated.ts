import type { Instrument } from '#core/instrument';
import { factorOfCents, openStringHz, type TuningStep } from '#core/intonation';
import { bowedTone, strengthAt, together } from '#core/listening';
import { HEARD_SAMPLES } from '../../audio/microphone.ts';

/** Samples a second of what the stand-in bows. */
export const SAMPLE_RATE = 44_100;

/** How long a string sounds when it is heard, and how long beats are watched, seconds. */
const HEARD_SECONDS = 2;
/** How long the beats are drawn, seconds. */
export const BEATS_SECONDS = 3;

/** Points of the curve of beats. */
const BEAT_POINTS = 120;

/** The strength of a partial is measured over so much sound, samples. */
const BEAT_WINDOW = 4096;

/** How far the strings of a simulated instrument are out when it comes out of its case, cents, the highest first. */
export const FIRST_ERRORS = [9, -14, 18, -23, 12, -8] as const;

/** What a string of the simulated instrument sounds, Hz. */
export function simulatedHz(instrument: Instrument, errors: readonly number[], index: number): number {
  const string = instrument.strings[index];
  return string ? openStringHz(instrument, string) * factorOfCents(errors[index] ?? 0) : 0;
}

/** The string, bowed alone. */
export function stringSound(hz: number, seconds = HEARD_SECONDS): Float32Array<ArrayBuffer> {
  return Float32Array.from(bowedTone({ hz, seconds, sampleRate: SAMPLE_RATE, loudness: 0.7 }));
}

/** What a microphone would take of it, from its steady part. */
export function heardPart(hz: number): Float32Array {
  const sound = stringSound(hz, 0.3);
  return sound.subarray(sound.length - HEARD_SAMPLES - 2000, sound.length - 2000);
}

/** Two strings bowed together, or their two harmonics that should be one note. */
export function pairSound(ownHz: number, againstHz: number, harmonics: TuningStep['harmonics']): Float32Array<ArrayBuffer> {
  const [own, against] = harmonics ? [ownHz * harmonics.ownPartial, againstHz * harmonics.againstPartial] : [ownHz, againstHz];
  return Float32Array.from(together(stringSound(own, BEATS_SECONDS), stringSound(against, BEATS_SECONDS)));
}

/** How strong the partial that two strings share is, over the time of a sound, 0 … 1 of its strongest: it swells and fades as they beat. */
export function beatCurve(sound: Float32Array, sharedHz: number): readonly number[] {
  const step = Math.floor((sound.length - BEAT_WINDOW) / BEAT_POINTS);
  const strengths = Array.from({ length: BEAT_POINTS }, (_, point) =>
    strengthAt(sound.subarray(point * step, point * step + BEAT_WINDOW), SAMPLE_RATE, sharedHz),
  );
  const most = Math.max(...strengths, Number.EPSILON);
  return strengths.map((strength) => strength / most);
}
