import { formatPitch, parsePitch, type Pitch, semitonesOf } from '#core/pitch';
import { badReading, goodReading, type Issue, type Reading } from '#core/reading';
import { measureBeyondSense, stringBeyondSense, stringsOutOfOrder, unknownSize } from '#core/words';
import { fingerboardEndSemitones } from './geometry.ts';
import type { InstrumentKind, InstrumentSpec, OpenTuning } from './schema.ts';
import { defaultSize, FINGERBOARD_END_SHARE, OUTER_SPACING_MM, REFERENCE_A, saneLengthsMm, SIZES, TUNINGS } from './sizes.ts';

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
  /** Between the outer strings at nut and bridge, mm. */
  readonly outerSpacingMm: { readonly nut: number; readonly bridge: number };
  /** By string: how much nearer the nut a pressed note lies than the bare geometry says, mm; 0 when nobody has measured it. */
  readonly pressingMm: readonly number[];
  /** Reference A4, Hz. */
  readonly a4Hz: number;
  readonly openTuning: OpenTuning;
  /** Highest semitone above any open string that lies on the fingerboard. */
  readonly highestSemitone: number;
}

/** Makes an instrument from a spec that matches its schema; refuses an unknown size, strings out of order, and measures that no such instrument has. */
export function readInstrument(spec: InstrumentSpec): Reading<Instrument> {
  const size = spec.size ?? defaultSize(spec.kind);
  const entry = SIZES[spec.kind].find((candidate) => candidate.size === size);
  if (!entry && spec.stringLengthMm === undefined) return badReading(sizeIssue(spec.kind, size));
  const strings = readStrings(spec.kind, spec.tuning ?? TUNINGS[spec.kind]);
  if (!strings.ok) return strings;
  const stringLengthMm = spec.stringLengthMm ?? entry?.stringLengthMm ?? 0;
  const usualSpacing = usualSpacingMm(spec.kind, stringLengthMm, strings.value.length);
  const [wrong, ...others] = measuresWrong(spec, usualSpacing);
  if (wrong) return badReading(wrong, ...others);
  return goodReading({
    kind: spec.kind,
    size,
    strings: strings.value,
    stringLengthMm,
    outerSpacingMm: spec.outerSpacingMm ?? usualSpacing,
    pressingMm: strings.value.map((_, index) => spec.pressingMm?.[index] ?? 0),
    a4Hz: spec.a4Hz ?? REFERENCE_A.usual,
    openTuning: spec.openTuning ?? 'pure',
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
 * Distance in mm between neighbouring strings at a distance from the nut: the strings lie at equal distances between the
 * outer ones, and these part linearly from nut to bridge.
 */
export function stringSpacingMm({ outerSpacingMm, strings, stringLengthMm }: Instrument, fromNutMm: number): number {
  const { nut, bridge } = outerSpacingMm;
  return (nut + (bridge - nut) * (fromNutMm / stringLengthMm)) / Math.max(1, strings.length - 1);
}

/** What outer strings usually stand apart: as on a full-size instrument, in proportion to the string length and the gaps between the strings. */
function usualSpacingMm(kind: InstrumentKind, stringLengthMm: number, strings: number): Instrument['outerSpacingMm'] {
  const { nut, bridge } = OUTER_SPACING_MM[kind];
  const fullMm = SIZES[kind].find((entry) => entry.size === defaultSize(kind))?.stringLengthMm ?? stringLengthMm;
  const share = (stringLengthMm / fullMm) * (Math.max(1, strings - 1) / (TUNINGS[kind].length - 1));
  return { nut: nut * share, bridge: bridge * share };
}

/** How far a string may be tuned beyond the usual ones of its instrument, semitones: a fifth more is another instrument. */
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
      return badReading({ code: 'instrument', where, ...stringsOutOfOrder(above.name, text) });
    }
    if (semitones < Math.min(...usual) - TUNED_BEYOND || semitones > Math.max(...usual) + TUNED_BEYOND) {
      return badReading({ code: 'instrument', where, ...stringBeyondSense(text, kind, TUNINGS[kind].toReversed()) });
    }
    strings.push({ number: STRING_NUMBERS[index] ?? 'VI', open: pitch.value, name: formatPitch(pitch.value), semitones });
  }
  return goodReading(strings);
}

function sizeIssue(kind: InstrumentKind, size: string): Issue {
  const known = SIZES[kind].map((entry) => entry.size);
  return { code: 'instrument', where: { pointer: '/instrument/size' }, ...unknownSize(kind, size, known) };
}

/** The most a pressed string is likely to move a note, mm. */
const MOST_PRESSING_MM = 10;

/** Every measure that no instrument of this kind has. */
function measuresWrong(spec: InstrumentSpec, usual: Instrument['outerSpacingMm']): readonly Issue[] {
  const sane: readonly (readonly [string, string, number | undefined, number, number, string])[] = [
    ['stringLengthMm', `The strings of a ${spec.kind}`, spec.stringLengthMm, ...saneLengthsMm(spec.kind), 'mm from nut to bridge'],
    ['a4Hz', 'The reference A', spec.a4Hz, REFERENCE_A.lowest, REFERENCE_A.highest, 'Hz'],
    ['outerSpacingMm/nut', 'The outer strings at the nut', spec.outerSpacingMm?.nut, ...aboutMm(usual.nut), 'mm apart'],
    ['outerSpacingMm/bridge', 'The outer strings at the bridge', spec.outerSpacingMm?.bridge, ...aboutMm(usual.bridge), 'mm apart'],
    ...(spec.pressingMm ?? []).map(
      (mm, index) => [`pressingMm/${index}`, 'A pressed note', mm, 0, MOST_PRESSING_MM, 'mm nearer the nut'] as const,
    ),
  ];
  return sane.flatMap(([field, what, value, least, most, unit]): Issue[] => {
    if (value === undefined || (value >= least && value <= most)) return [];
    return [{ code: 'instrument', where: { pointer: `/instrument/${field}` }, ...measureBeyondSense(what, value, least, most, unit) }];
  });
}

function aboutMm(usualMm: number): readonly [number, number] {
  return [Math.round(usualMm / 2), Math.round(usualMm * 1.6)];
}
