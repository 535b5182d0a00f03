import type { InstrumentDocument } from '#core/documents';
import {
  defaultSize,
  type Instrument,
  INSTRUMENT_KINDS,
  type InstrumentKind,
  type InstrumentSpec,
  MOST_TAPED,
  OPEN_TUNINGS,
  readInstrument,
  TUNINGS,
} from '#core/instrument';
import { instrumentIssue, type Issue } from '#core/messages';
import { displayPitch, formatPitch, parsePitch, transpose } from '#core/pitch';
import { goodReading, type Reading } from '#core/result';
import { instrumentDocument } from '../../records/studio.ts';
import { typedNumber } from '../../ui/fields/index.ts';

/** One string as typed. */
export interface StringFields {
  open: string;
  pressing: string;
}

/** An instrument as typed: everything text, so that nothing typed is lost. */
export interface InstrumentFields {
  name: string;
  kind: string;
  size: string;
  length: string;
  nut: string;
  bridge: string;
  a4: string;
  openTuning: string;
  /** The tapes, as semitones above the open strings with commas between. */
  tapes: string;
  strings: StringFields[];
}

/** The reading of the fields: a document where they can be read, and the faults where they cannot. */
export interface ReadFields<Document> {
  /** The document; null where something cannot be read. */
  readonly document: Document | null;
  readonly issues: readonly Issue[];
}

/** Gives the fields of a stored instrument. */
export function instrumentFields({ name, instrument }: InstrumentDocument): InstrumentFields {
  const { kind, size, tuning, stringLengthMm, outerSpacingMm, pressingMm, a4Hz, openTuning, tapes } = instrument;
  return {
    name,
    kind,
    size: size ?? defaultSize(kind),
    length: textOf(stringLengthMm),
    nut: textOf(outerSpacingMm?.nut),
    bridge: textOf(outerSpacingMm?.bridge),
    a4: textOf(a4Hz),
    openTuning: openTuning ?? 'pure',
    tapes: (tapes ?? []).join(', '),
    strings: (tuning ?? TUNINGS[kind]).map((open, index) => ({ open: typedPitch(open), pressing: pressingText(pressingMm?.[index]) })),
  };
}

/** Gives the usual strings of an instrument as fields. */
export function usualStrings(kind: InstrumentKind): StringFields[] {
  return TUNINGS[kind].map((open) => ({ open, pressing: '' }));
}

/** Gives a string a fifth (a fourth on the double bass) beyond the outermost one, as a start for a new one. */
export function stringBeyond(kind: InstrumentKind, strings: readonly StringFields[], side: 'higher' | 'lower'): StringFields {
  const outer = parsePitch((side === 'higher' ? strings[0] : strings[strings.length - 1])?.open ?? '');
  const [steps, semitones] = kind === 'bass' ? [3, 5] : [4, 7];
  const sign = side === 'higher' ? 1 : -1;
  const pitch = outer.ok ? transpose(outer.value, { steps: sign * steps, semitones: sign * semitones }) : null;
  return { open: pitch ? formatPitch(pitch) : '', pressing: '' };
}

/** Reads the fields as an instrument. */
export function readInstrumentFields(fields: InstrumentFields): ReadFields<InstrumentDocument> {
  const kind = INSTRUMENT_KINDS.find((kind) => kind === fields.kind) ?? 'violin';
  const tuning = readStrings(fields.strings);
  if (!tuning.ok) return { document: null, issues: tuning.issues };
  const tapes = readTapes(fields.tapes);
  if (!tapes.ok) return { document: null, issues: tapes.issues };
  const spec: InstrumentSpec = {
    kind,
    size: fields.size,
    ...(sameStrings(kind, tuning.value) ? {} : { tuning: [...tuning.value] }),
    ...measuredSizes(kind, fields),
    ...(tapes.value.length === 0 ? {} : { tapes: [...tapes.value] }),
    ...(fields.openTuning === OPEN_TUNINGS[1] ? { openTuning: OPEN_TUNINGS[1] } : {}),
  };
  const instrument = readInstrument(spec);
  if (!instrument.ok) return { document: null, issues: instrument.issues };
  return { document: instrumentDocument(fields.name.trim(), spec), issues: [] };
}

/** Reads the tapes, from the nut up; an empty field is none. */
function readTapes(text: string): Reading<readonly number[]> {
  const places = text.split(/[\s,;]+/u).filter((place) => place !== '');
  const wrong = places.find((place) => !/^\d+$/u.test(place) || Number(place) < 1 || Number(place) > MOST_TAPED);
  if (wrong !== undefined) {
    return {
      ok: false,
      issues: [instrumentIssue('tapes-unreadable', { text: wrong, most: MOST_TAPED }, { pointer: '/instrument/tapes' })],
    };
  }
  return goodReading([...new Set(places.map(Number))].toSorted((one, other) => one - other));
}

/** Reads the sizes that were measured; those left empty stay the usual ones. */
function measuredSizes(kind: InstrumentKind, fields: InstrumentFields): Partial<InstrumentSpec> {
  const [length, a4] = [typedNumber(fields.length), typedNumber(fields.a4)];
  const pressing = fields.strings.map((string) => typedNumber(string.pressing) ?? 0);
  return {
    ...(length === null ? {} : { stringLengthMm: length }),
    ...measuredSpacing(kind, fields),
    ...(pressing.some((mm) => mm !== 0) ? { pressingMm: pressing } : {}),
    ...(a4 === null ? {} : { a4Hz: a4 }),
  };
}

function measuredSpacing(kind: InstrumentKind, { size, ...fields }: InstrumentFields): Partial<InstrumentSpec> {
  const [nut, bridge] = [typedNumber(fields.nut), typedNumber(fields.bridge)];
  if (nut === null && bridge === null) return {};
  const usual = kindSpacing({ kind, size });
  return { outerSpacingMm: { nut: nut ?? usual.nut, bridge: bridge ?? usual.bridge } };
}

/** Gives the usual instrument of a kind and size. */
export function usualInstrument(kind: InstrumentKind, size: string): Instrument | null {
  const usual = readInstrument({ kind, size });
  return usual.ok ? usual.value : null;
}

function kindSpacing({ kind, size }: { readonly kind: InstrumentKind; readonly size: string }): Instrument['outerSpacingMm'] {
  return usualInstrument(kind, size)?.outerSpacingMm ?? { nut: 0, bridge: 0 };
}

function readStrings(strings: readonly StringFields[]): Reading<readonly string[]> {
  const names: string[] = [];
  for (const [index, { open }] of strings.entries()) {
    const pitch = parsePitch(open);
    if (!pitch.ok)
      return { ok: false, issues: pitch.issues.map((issue) => ({ ...issue, where: { pointer: `/instrument/tuning/${index}` } })) };
    names.push(formatPitch(pitch.value));
  }
  return goodReading(names);
}

function sameStrings(kind: InstrumentKind, names: readonly string[]): boolean {
  return TUNINGS[kind].length === names.length && TUNINGS[kind].every((name, index) => name === names[index]);
}

function textOf(value: number | undefined): string {
  return value === undefined ? '' : String(value);
}

function pressingText(mm: number | undefined): string {
  return mm === undefined || mm === 0 ? '' : String(mm);
}

function typedPitch(text: string): string {
  const pitch = parsePitch(text);
  return pitch.ok ? displayPitch(pitch.value) : text;
}
