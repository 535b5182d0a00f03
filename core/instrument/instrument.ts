import { instrumentIssue, type Issue } from '#core/messages';
import { formatPitch, parsePitch, type Pitch, semitonesOf } from '#core/pitch';
import { badReading, goodReading, type Reading, readingOf } from '#core/result';
import { fingerboardEndSemitones } from '#core/instrument/geometry';
import type { InstrumentKind, InstrumentSpec, OpenTuning } from './schema.ts';
import { defaultSize, FINGERBOARD_END_SHARE, OUTER_SPACING_MM, REFERENCE_A, saneLengthsMm, SIZES, TUNINGS } from './sizes.ts';

/** The numbers of strings, from the highest. */
export const STRING_NUMBERS = ['I', 'II', 'III', 'IV', 'V', 'VI'] as const;

/** The Roman numeral of a string, I the highest. */
export type StringNumber = (typeof STRING_NUMBERS)[number];

/** One string, open. */
export interface OpenString {
  /** The Roman numeral, I the highest. */
  readonly number: StringNumber;
  /** The sounding pitch of the open string. */
  readonly open: Pitch;
  /** The open pitch in documents' form, `"G3"`: the name of the string in limits and locks. */
  readonly name: string;
  /** The semitones of the open string above C0. */
  readonly semitones: number;
}

/** One particular instrument, read and measurable. */
export interface Instrument {
  /** The kind: violin, viola, cello or bass. */
  readonly kind: InstrumentKind;
  /** The size as makers name it: "3/4". */
  readonly size: string;
  /** The strings, the highest first: index 0 is string I. */
  readonly strings: readonly OpenString[];
  /** The vibrating length, nut to bridge, mm. */
  readonly stringLengthMm: number;
  /** The distance between the outer strings at nut and bridge, mm. */
  readonly outerSpacingMm: { readonly nut: number; readonly bridge: number };
  /** The distance, by string, that a pressed note lies nearer the nut than the bare geometry says, mm; 0 when nobody has measured it. */
  readonly pressingMm: readonly number[];
  /** The reference A4, Hz. */
  readonly a4Hz: number;
  /** The tuning of the open strings to each other. */
  readonly openTuning: OpenTuning;
  /** The highest semitone above any open string that lies on the fingerboard. */
  readonly highestSemitone: number;
}

/**
 * Makes an instrument from a spec that matches its schema; refuses an unknown size, strings out of order, and measures that no such
 * instrument has.
 */
export function readInstrument(spec: InstrumentSpec): Reading<Instrument> {
  const size = spec.size ?? defaultSize(spec.kind);
  const entry = SIZES[spec.kind].find((candidate) => candidate.size === size);
  const stringLengthMm = spec.stringLengthMm ?? entry?.stringLengthMm;
  if (stringLengthMm === undefined) return badReading(sizeIssue(spec.kind, size));
  const strings = readStrings(spec.kind, spec.tuning ?? TUNINGS[spec.kind]);
  if (!strings.ok) return strings;
  const usualSpacing = usualSpacingMm(spec.kind, stringLengthMm, strings.value.length);
  const measured = asMeasured({ spec, size, strings: strings.value, stringLengthMm, usualSpacing });
  return readingOf(measured, measurementsWrong(spec, usualSpacing));
}

/** A spec with its gaps filled by the usual values. */
interface Completed {
  /** The instrument as described. */
  readonly spec: InstrumentSpec;
  /** Its size, the usual one where none is named. */
  readonly size: string;
  /** The strings, from string I down. */
  readonly strings: readonly OpenString[];
  /** The string length, measured, or usual for the size, mm. */
  readonly stringLengthMm: number;
  /** The spacing of the outer strings, where none is measured, mm. */
  readonly usualSpacing: Instrument['outerSpacingMm'];
}

function asMeasured({ spec, size, strings, stringLengthMm, usualSpacing }: Completed): Instrument {
  return {
    kind: spec.kind,
    size,
    strings,
    stringLengthMm,
    outerSpacingMm: spec.outerSpacingMm ?? usualSpacing,
    pressingMm: strings.map((_, index) => spec.pressingMm?.[index] ?? 0),
    a4Hz: spec.a4Hz ?? REFERENCE_A.usual,
    openTuning: spec.openTuning ?? 'pure',
    highestSemitone: fingerboardEndSemitones(FINGERBOARD_END_SHARE[spec.kind]),
  };
}

/**
 * Gives the string at an index from 0 (string I).
 *
 * @throws beyond the last string, which is a bug and no bad input
 */
export function stringOf(instrument: Instrument, index: number): OpenString {
  const found = instrument.strings[index];
  if (!found) throw new RangeError(`${instrument.kind} has ${instrument.strings.length} strings; asked for index ${index}`);
  return found;
}

/**
 * Gives the distance in mm between neighbouring strings at a distance from the nut: the strings lie at equal distances between the outer
 * ones, and these part linearly from nut to bridge.
 */
export function stringSpacingMm({ outerSpacingMm, strings, stringLengthMm }: Instrument, fromNutMm: number): number {
  const { nut, bridge } = outerSpacingMm;
  return (nut + (bridge - nut) * (fromNutMm / stringLengthMm)) / Math.max(1, strings.length - 1);
}

/**
 * Gives the usual distance of the outer strings: as on a full-size instrument, in proportion to the string length and the gaps between the
 * strings.
 */
function usualSpacingMm(kind: InstrumentKind, stringLengthMm: number, strings: number): Instrument['outerSpacingMm'] {
  const { nut, bridge } = OUTER_SPACING_MM[kind];
  const fullMm = SIZES[kind].find((entry) => entry.size === defaultSize(kind))?.stringLengthMm ?? stringLengthMm;
  const share = (stringLengthMm / fullMm) * (Math.max(1, strings - 1) / (TUNINGS[kind].length - 1));
  return { nut: nut * share, bridge: bridge * share };
}

/** The most that a string may be tuned beyond the usual ones of its instrument, semitones: a fifth more is another instrument. */
const TUNED_BEYOND = 9;

function readStrings(kind: InstrumentKind, tuning: readonly string[]): Reading<readonly OpenString[]> {
  const usual = TUNINGS[kind].flatMap((text) => {
    const pitch = parsePitch(text);
    return pitch.ok ? [semitonesOf(pitch.value)] : [];
  });
  const strings: OpenString[] = [];
  for (const [index, text] of tuning.entries()) {
    const where = { pointer: `/instrument/tuning/${index}` };
    const pitch = parsePitch(text);
    if (!pitch.ok) return pitch;
    const semitones = semitonesOf(pitch.value);
    const above = strings[index - 1];
    if (above && above.semitones <= semitones) {
      return badReading(instrumentIssue('strings-out-of-order', { above: above.name, below: text }, where));
    }
    if (semitones < Math.min(...usual) - TUNED_BEYOND || semitones > Math.max(...usual) + TUNED_BEYOND) {
      return badReading(instrumentIssue('string-beyond-sense', { name: text, kind, usual: TUNINGS[kind].toReversed() }, where));
    }
    strings.push({ number: STRING_NUMBERS[index] ?? 'VI', open: pitch.value, name: formatPitch(pitch.value), semitones });
  }
  return goodReading(strings);
}

function sizeIssue(kind: InstrumentKind, size: string): Issue {
  const known = SIZES[kind].map((entry) => entry.size);
  return instrumentIssue('unknown-size', { kind, size, known }, { pointer: '/instrument/size' });
}

/** The most that a pressed string is likely to move a note, mm. */
const MOST_PRESSING_MM = 10;

/** One measurement as a document gives it, and the bounds between which it makes sense. */
interface Measured {
  /** The name in documents. */
  readonly field: string;
  /** The name for people. */
  readonly what: string;
  /** The measurement; undefined where there is none. */
  readonly value: number | undefined;
  /** The bounds between which it makes sense. */
  readonly bounds: readonly [least: number, most: number];
  /** The unit of the value and its bounds. */
  readonly unit: string;
}

/** Reports every measurement that no instrument of this kind has. */
function measurementsWrong(spec: InstrumentSpec, usual: Instrument['outerSpacingMm']): readonly Issue[] {
  return measurementsOf(spec, usual).flatMap(({ field, what, value, bounds: [least, most], unit }): readonly Issue[] => {
    if (value === undefined || (value >= least && value <= most)) return [];
    return [instrumentIssue('measurement-beyond-sense', { what, value, least, most, unit }, { pointer: `/instrument/${field}` })];
  });
}

function measurementsOf(
  { kind, stringLengthMm, a4Hz, outerSpacingMm, pressingMm = [] }: InstrumentSpec,
  usual: Instrument['outerSpacingMm'],
): readonly Measured[] {
  const spacing = (end: 'nut' | 'bridge'): Measured => ({
    field: `outerSpacingMm/${end}`,
    what: `The outer strings at the ${end}`,
    value: outerSpacingMm?.[end],
    bounds: aboutMm(usual[end]),
    unit: 'mm apart',
  });
  const pressing = (mm: number, index: number): Measured => ({
    field: `pressingMm/${index}`,
    what: 'A pressed note',
    value: mm,
    bounds: [0, MOST_PRESSING_MM],
    unit: 'mm nearer the nut',
  });
  return [
    {
      field: 'stringLengthMm',
      what: `The strings of a ${kind}`,
      value: stringLengthMm,
      bounds: saneLengthsMm(kind),
      unit: 'mm from nut to bridge',
    },
    { field: 'a4Hz', what: 'The reference A', value: a4Hz, bounds: [REFERENCE_A.lowest, REFERENCE_A.highest], unit: 'Hz' },
    spacing('nut'),
    spacing('bridge'),
    ...pressingMm.map(pressing),
  ];
}

function aboutMm(usualMm: number): readonly [number, number] {
  return [Math.round(usualMm / 2), Math.round(usualMm * 1.6)];
}
