import type { Instrument } from '#core/instrument';
import type { Ratio, TuningStep } from '#core/intonation';
import { hzText, ratioName } from '../intonation/intonation.ts';

/** Explains how far a string is out of tune. */
export function deviationDerivation(heardHz: number, targetHz: number): string {
  return `1200 × log2 of ${hzText(heardHz)} divided by ${hzText(targetHz)}: a hundredth of an equal semitone is one cent.`;
}

/** Explains the pitch that the microphone, or the program's own ear, hears. */
export function heardDerivation(): string {
  return 'How often a second the sound repeats itself, measured over about a fifth of a second.';
}

/** Explains the target of a string. */
export function tunedDerivation({ a4Hz }: Instrument, { against, ratio }: TuningStep): string {
  if (against === null) return `The A of this instrument’s reference, A = ${a4Hz} Hz, in the octave of this string.`;
  return ratio === null
    ? `By equal semitones from A = ${a4Hz} Hz.`
    : `Counted string by string from A = ${a4Hz} Hz, as the open strings of this instrument are tuned to each other; here the ${ratioName(ratio)}.`;
}

/** Explains how quickly two strings beat. */
export function stringBeatsDerivation({ p, q }: Ratio, ownHz: number, againstHz: number): string {
  const [higher, lower] = [Math.max(ownHz, againstHz), Math.min(ownHz, againstHz)];
  return `The difference of the two partials that should be one: ${q} × ${hzText(higher)} and ${p} × ${hzText(lower)}.`;
}
