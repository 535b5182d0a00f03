import { formatPitch, parsePitch, type Pitch, semitonesOf, stepsOf, transposedBy } from '#core/pitch';
import { badReading, goodReading, type Issue, type Reading } from '#core/reading';
import { stringsOutOfOrder, unknownSize } from '#core/words';
import { fingerboardEndSemitones } from './geometry.ts';
import type { InstrumentKind, InstrumentSpec } from './schema.ts';
import { defaultSize, FINGERBOARD_END_SHARE, OUTER_SPACING_MM, SIZES, TUNINGS, WRITTEN_OCTAVES_ABOVE } from './sizes.ts';

/** Strings are numbered from the highest. */
export const STRING_NUMBERS = ['I', 'II', 'III', 'IV', 'V', 'VI'] as const;

/** Roman numeral of a string, I the highest. */
export type StringNumber = (typeof STRING_NUMBERS)[number];

/** One string, open. */
export interface OpenString {
  readonly number: StringNumber;
  /** Sounding pitch of the open string. */
  readonly open: Pitch;
  /** The open pitch in documents' form, `"G3"`: the name of the string in limits and locks. */
  readonly name: string;
  /** Semitones of the open string above C0. */
  readonly semitones: number;
}

/** One particular instrument, ready to be measured on. */
export interface Instrument {
  readonly kind: InstrumentKind;
  readonly size: string;
  /** Highest string first: index 0 is string I. */
  readonly strings: readonly OpenString[];
  /** Vibrating length, nut to bridge, mm. */
  readonly stringLengthMm: number;
  /** Reference A4, Hz. */
  readonly a4Hz: number;
  /** Highest semitone above any open string that lies on the fingerboard. */
  readonly highestSemitone: number;
}

/** Makes an instrument from a spec that matches its schema; refuses an unknown size and strings out of order. */
export function readInstrument(spec: InstrumentSpec): Reading<Instrument> {
  const size = spec.size ?? defaultSize(spec.kind);
  const entry = SIZES[spec.kind].find((candidate) => candidate.size === size);
  if (!entry && spec.stringLengthMm === undefined) return badReading(sizeIssue(spec.kind, size));
  const strings = readStrings(spec.tuning ?? TUNINGS[spec.kind]);
  if (!strings.ok) return strings;
  return goodReading({
    kind: spec.kind,
    size,
    strings: strings.value,
    stringLengthMm: spec.stringLengthMm ?? entry?.stringLengthMm ?? 0,
    a4Hz: spec.a4Hz ?? 440,
    highestSemitone: fingerboardEndSemitones(FINGERBOARD_END_SHARE[spec.kind]),
  });
}

/** The string at an index from 0 (string I). Throws beyond the last string: a bug, not bad input. */
export function stringOf(instrument: Instrument, index: number): OpenString {
  const found = instrument.strings[index];
  if (!found) throw new RangeError(`${instrument.kind} has ${instrument.strings.length} strings; asked for index ${index}`);
  return found;
}

/**
 * Distance in mm between neighbouring strings at a distance from the nut: a third of the outer strings' (four strings
 * lie at equal distances), growing linearly from nut to bridge, scaled with the string length from full size.
 */
export function stringSpacingMm({ kind, stringLengthMm }: Instrument, fromNutMm: number): number {
  const { nut, bridge } = OUTER_SPACING_MM[kind];
  const fullMm = SIZES[kind].find((entry) => entry.size === defaultSize(kind))?.stringLengthMm ?? stringLengthMm;
  const outer = nut + (bridge - nut) * (fromNutMm / stringLengthMm);
  return (outer / 3) * (stringLengthMm / fullMm);
}

/** The pitch as the player reads it: an octave above what sounds on the double bass. */
export function writtenPitch(kind: InstrumentKind, sounding: Pitch): Pitch {
  return { ...sounding, octave: sounding.octave + WRITTEN_OCTAVES_ABOVE[kind] };
}

/**
 * The pitch as the player reads it on one string: on a string tuned otherwise than usual, the note that the same finger
 * would stop on the usual string (scordatura, solo tuning). With another number of strings than usual nothing is retuned.
 */
export function writtenOnString(instrument: Instrument, stringIndex: number, sounding: Pitch): Pitch {
  const written = writtenPitch(instrument.kind, sounding);
  const usual = instrument.strings.length === TUNINGS[instrument.kind].length ? TUNINGS[instrument.kind][stringIndex] : undefined;
  const open = usual === undefined ? null : parsePitch(usual);
  const here = instrument.strings[stringIndex];
  if (!open?.ok || !here || here.semitones === semitonesOf(open.value)) return written;
  const back = { steps: stepsOf(open.value) - stepsOf(here.open), semitones: semitonesOf(open.value) - here.semitones };
  return transposedBy(written, back) ?? written;
}

/** The pitch that sounds when the player reads `written`: the inverse of `writtenPitch`. */
export function soundingPitch(kind: InstrumentKind, written: Pitch): Pitch {
  return { ...written, octave: written.octave - WRITTEN_OCTAVES_ABOVE[kind] };
}

function readStrings(tuning: readonly string[]): Reading<readonly OpenString[]> {
  const strings: OpenString[] = [];
  for (const [index, text] of tuning.entries()) {
    const pitch = parsePitch(text);
    if (!pitch.ok) return pitch;
    const semitones = semitonesOf(pitch.value);
    const above = strings[index - 1];
    if (above && above.semitones <= semitones) {
      return badReading({ code: 'instrument', where: { pointer: `/instrument/tuning/${index}` }, ...stringsOutOfOrder(above.name, text) });
    }
    strings.push({ number: STRING_NUMBERS[index] ?? 'VI', open: pitch.value, name: formatPitch(pitch.value), semitones });
  }
  return goodReading(strings);
}

function sizeIssue(kind: InstrumentKind, size: string): Issue {
  const known = SIZES[kind].map((entry) => entry.size);
  return { code: 'instrument', where: { pointer: '/instrument/size' }, ...unknownSize(kind, size, known) };
}
