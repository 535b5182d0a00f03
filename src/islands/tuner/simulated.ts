import type { Instrument } from '#core/instrument';
import { factorOfCents, openStringHz, type TuningStep } from '#core/intonation';
import { bowedTone, strengthAt, together } from '#core/listening';
import { HEARD_SAMPLES } from '../../audio/index.ts';

/** The samples a second of the stand-in. */
export const SAMPLE_RATE = 44_100;

/** The time for which a string sounds, seconds. */
const HEARD_SECONDS = 2;
/** The time for which the beats are drawn, seconds. */
export const BEATS_SECONDS = 3;

/** The points of the curve of beats. */
const BEAT_POINTS = 120;

/** The number of samples over which the strength of a partial is measured. */
const BEAT_WINDOW = 4096;

/** The errors of the strings of a simulated instrument when it comes out of its case, cents, the highest first. */
export const FIRST_ERRORS = [9, -14, 18, -23, 12, -8] as const;

/** Gives the frequency of a string of the simulated instrument, Hz. */
export function simulatedHz(instrument: Instrument, errors: readonly number[], index: number): number {
  const string = instrument.strings[index];
  return string ? openStringHz(instrument, string) * factorOfCents(errors[index] ?? 0) : 0;
}

/** Makes the sound of the string, bowed alone. */
export function stringSound(hz: number, seconds = HEARD_SECONDS): Float32Array<ArrayBuffer> {
  return Float32Array.from(bowedTone({ hz, seconds, sampleRate: SAMPLE_RATE, loudness: 0.7 }));
}

/** Takes the part of it that a microphone would hear, from its steady part. */
export function heardPart(hz: number): Float32Array {
  const sound = stringSound(hz, 0.3);
  return sound.subarray(sound.length - HEARD_SAMPLES - 2000, sound.length - 2000);
}

/** Makes the sound of two strings bowed together, or of their two harmonics that should be one note. */
export function pairSound(ownHz: number, againstHz: number, harmonics: TuningStep['harmonics']): Float32Array<ArrayBuffer> {
  const [own, against] = harmonics ? [ownHz * harmonics.ownPartial, againstHz * harmonics.againstPartial] : [ownHz, againstHz];
  return Float32Array.from(together(stringSound(own, BEATS_SECONDS), stringSound(against, BEATS_SECONDS)));
}

/**
 * Gives the strength of the partial that two strings share, over the time of a sound, 0 … 1 of its strongest: it swells and fades as they
 * beat.
 */
export function beatCurve(sound: Float32Array, sharedHz: number): readonly number[] {
  const step = Math.floor((sound.length - BEAT_WINDOW) / BEAT_POINTS);
  const strengths = Array.from({ length: BEAT_POINTS }, (_, point) =>
    strengthAt(sound.subarray(point * step, point * step + BEAT_WINDOW), SAMPLE_RATE, sharedHz),
  );
  const most = Math.max(...strengths, Number.EPSILON);
  return strengths.map((strength) => strength / most);
}
