import type { Instrument } from '#core/instrument';
import type { TuningStep } from '#core/intonation';
import { ordinalText } from '#core/messages';
import { noteLabel } from '#core/pitch';
import type { NoMicrophone } from '../../audio/index.ts';
import { centsText, hzText, ratioName } from './intonation.ts';
import { mmText } from '../plan-words.ts';

/** The words for why the microphone gives nothing, and what would help. */
export const NO_MICROPHONE: Readonly<Record<NoMicrophone, string>> = {
  denied: 'The browser was not allowed to listen. Allow the microphone for this page in the browser’s settings.',
  absent: 'There is no microphone here. Plug one in and try it again.',
  busy: 'Another program holds the microphone. Close it there.',
  address: 'Browsers give no microphone to an address like this one. Open the page with https, or on the machine itself as localhost.',
};

/** The other way to use the tuner. */
export const OR_SIMULATED = 'Or listen to the simulated instrument.';

/** The words for a sound that is no pitch. */
export const NOT_HEARD: Readonly<Record<'silent' | 'clipped' | 'unclear', string>> = {
  silent: 'Nothing sounds. Bow the open string, long and even.',
  clipped: 'Too loud: the sound is cut off. Move away from the microphone or turn it down.',
  unclear: 'No clear pitch. Bow one open string alone, without the others.',
};

/** The error from which a string is out of tune, cents. */
export const IN_TUNE_CENTS = 2;

/** Writes a deviation: "12.3 cents flat", "in tune". */
export function deviationText(cents: number): string {
  if (Math.abs(cents) <= IN_TUNE_CENTS) return `in tune (${centsText(cents)})`;
  return `${Math.abs(cents).toFixed(1)} cents ${cents > 0 ? 'sharp' : 'flat'}`;
}

/** Writes how a player tunes one string. */
export function stepText(instrument: Instrument, step: TuningStep): string {
  const own = nameOf(instrument, step.stringIndex);
  if (step.against === null) return `Begin with ${own}: match the reference, ${hzText(step.targetHz)}.`;
  const other = nameOf(instrument, step.against);
  if (step.ratio === null) return `${own} makes no simple interval with ${other}: tune it by the meter.`;
  const rest =
    step.beatsWhenRight < 0.05
      ? 'until nothing beats'
      : `until about ${step.beatsWhenRight.toFixed(1)} beats a second are left, as equal tuning wants`;
  return `Bow ${own} together with ${other}, which is tuned already: the ${ratioName(step.ratio)}, ${rest}.`;
}

/** Writes which harmonics of two strings sound alike, and where they are touched. */
export function harmonicsText(instrument: Instrument, step: TuningStep): string | null {
  if (step.harmonics === null || step.against === null) return null;
  const { ownPartial, ownMm, againstPartial, againstMm } = step.harmonics;
  const [own, other] = [nameOf(instrument, step.stringIndex), nameOf(instrument, step.against)];
  return `Or by harmonics: touch ${own} ${mmText(ownMm)} from the nut (its ${ordinalText(ownPartial)} partial) and ${other} ${mmText(againstMm)} from the nut (its ${ordinalText(againstPartial)} partial). Both should be the same note.`;
}

function nameOf(instrument: Instrument, index: number): string {
  return noteLabel(instrument.strings[index]?.name ?? '');
}

/** The words for keeping a tuning. */
export const KEEP_TUNING = { keep: 'Keep this tuning with the day', kept: 'It is in the record of today.' } as const;

/** Writes a tuning as it was heard: "Tuned: A +0.4 cents, D −1.2 cents". */
export function tunedText(instrument: Instrument, tuned: Readonly<Record<number, number>>): string {
  const strings = instrument.strings.flatMap((_, index) => {
    const cents = tuned[index];
    return cents === undefined ? [] : [`${nameOf(instrument, index)} ${centsText(cents)}`];
  });
  return `Tuned: ${strings.join(', ')}`;
}

/** Writes how far two strings together lie from pure: "D with A: 3 cents wide, 1.2 beats a second"; how to hear it, while one is missing. */
export function togetherText(
  instrument: Instrument,
  { stringIndex, against }: TuningStep,
  heard: { readonly off: number; readonly beats: number } | null,
): string {
  const both = `${nameOf(instrument, stringIndex)} with ${nameOf(instrument, against ?? stringIndex)}`;
  if (heard === null) return `${both}: bow the two together to hear how they beat.`;
  const size = Math.round(Math.abs(heard.off));
  return size < 2
    ? `${both}: pure, ${heard.beats.toFixed(1)} beats a second`
    : `${both}: ${size} cents ${heard.off > 0 ? 'wide' : 'narrow'} of pure, ${heard.beats.toFixed(1)} beats a second`;
}
