import { parsePitch, type Pitch, semitonesOf, stepsOf, transpose } from '#core/pitch';
import type { Instrument } from './instrument.ts';
import type { InstrumentKind } from './schema.ts';
import { TUNINGS, WRITTEN_OCTAVES_ABOVE } from './sizes.ts';

/** Gives the pitch as the player reads it: an octave above the sounding one on the double bass. */
export function writtenPitch(kind: InstrumentKind, sounding: Pitch): Pitch {
  return { ...sounding, octave: sounding.octave + WRITTEN_OCTAVES_ABOVE[kind] };
}

/**
 * Gives the pitch as the player reads it on one string: on a string tuned differently from usual, the note that the same finger would stop
 * on the usual string (scordatura, solo tuning). With another number of strings than usual nothing is retuned.
 */
export function writtenOnString(instrument: Instrument, stringIndex: number, sounding: Pitch): Pitch {
  const written = writtenPitch(instrument.kind, sounding);
  const usual = instrument.strings.length === TUNINGS[instrument.kind].length ? TUNINGS[instrument.kind][stringIndex] : undefined;
  const open = usual === undefined ? null : parsePitch(usual);
  const here = instrument.strings[stringIndex];
  if (!open?.ok || !here || here.semitones === semitonesOf(open.value)) return written;
  const back = { steps: stepsOf(open.value) - stepsOf(here.open), semitones: semitonesOf(open.value) - here.semitones };
  return transpose(written, back) ?? written;
}
