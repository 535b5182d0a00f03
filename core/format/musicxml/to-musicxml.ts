import type { Mark } from '#core/brief';
import { type InstrumentKind, STRING_NUMBERS, TUNINGS, WRITTEN_OCTAVES_ABOVE } from '#core/instrument';
import { positionMark } from '#core/messages';
import {
  type BeamPart,
  beamsOf,
  type Clef,
  type Engraving,
  engravingOfPlan,
  headInKey,
  type Measure,
  type MeasureNote,
  type MeasureSymbol,
  type StaffReading,
} from '#core/notation';
import type { Signature } from '#core/material/signature';
import type { WrittenOrnament } from '#core/material/line';
import type { Key } from '#core/key';
import { LETTERS, parsePitch, type Pitch, pitchLabel } from '#core/pitch';
import type { Plan, PlannedSound } from '#core/plan/describe';
import { DIVISIONS, element, type XmlElement } from '#core/format';
import { inBetweenElement, noteElements, restElement, smallNoteElements } from './note-elements.ts';

const PART_NAMES: Readonly<Record<InstrumentKind, string>> = {
  violin: 'Violin',
  viola: 'Viola',
  cello: 'Violoncello',
  bass: 'Double bass',
};

/**
 * Writes a plan as a MusicXML 4.0 partwise score: one part, pitches as written (with `transpose` for the double bass), fingering and string
 * on each note, slurs, ties, bow marks, and in words the position where a stay begins, cues and remarks. With `inBetweenNotes`, the note
 * that each shift passes stands small and in brackets before the note it arrives on.
 */
export function toMusicXml(name: string, plan: Plan, choice: MusicXmlChoice = {}): XmlElement {
  return toMusicXmlScore(name, [{ name: PART_NAMES[plan.brief.instrument.kind], plan }], choice);
}

/** A part of a score: its name, and its fingering. */
export interface ScorePart {
  /** The name that stands before its staff. */
  readonly name: string;
  /** The fingering, with the line it is for. */
  readonly plan: Plan;
}

/** Writes plans of equal length as one partwise score, a part for each in their order; each as `toMusicXml` writes it. */
export function toMusicXmlScore(title: string, parts: readonly ScorePart[], { inBetweenNotes = false }: MusicXmlChoice = {}): XmlElement {
  const named = parts.map((part, order) => ({ ...part, id: `P${order + 1}`, instrument: PART_NAMES[part.plan.brief.instrument.kind] }));
  return element(
    'score-partwise',
    [
      element('work', [element('work-title', title)]),
      element('identification', [element('encoding', [element('software', 'Dove Path')])]),
      element(
        'part-list',
        named.map(({ id, name, instrument }) => {
          const played = element('score-instrument', [element('instrument-name', instrument)], { id: `${id}-I1` });
          return element('score-part', [element('part-name', name), played], { id });
        }),
      ),
      ...named.map(({ id, plan }) => element('part', measureElements({ plan, inBetweenNotes }), { id })),
    ],
    { version: '4.0' },
  );
}

function measureElements(written: PlanWritten): readonly XmlElement[] {
  const engraving = engravingOfPlan(written.plan);
  const readings = [engraving.reading, ...engraving.measures.flatMap((measure) => measure.symbols.map((symbol) => symbol.reading))];
  let done = 0;
  return engraving.measures.map((measure) => {
    const from = done;
    done += measure.symbols.length;
    return measureElement(measure, engraving, written, readings.slice(from, done + 1));
  });
}

/** The things that may be left out of the score. */
export interface MusicXmlChoice {
  /** Whether the notes that shifts pass are written. */
  readonly inBetweenNotes?: boolean;
}

/** A plan, and the choice of what is written. */
interface PlanWritten extends Required<MusicXmlChoice> {
  readonly plan: Plan;
}

/** `readings` has one entry more than the measure has symbols: the reading of the symbol before it comes first. */
function measureElement(
  measure: Measure,
  engraving: Engraving,
  { plan, inBetweenNotes }: PlanWritten,
  readings: readonly StaffReading[],
): XmlElement {
  const first = measure.number === 1;
  const last = measure.number === engraving.measures.length;
  const head = first
    ? [attributes(engraving, plan.brief.instrument.kind), ...tuningDirection(plan), ...tempoDirection(plan)]
    : changedSignature(measure, engraving);
  const tail = barStyleAfter(measure, engraving).map((style) => element('barline', [element('bar-style', style)], { location: 'right' }));
  const beams = beamsOf(measure);
  const symbols = measure.symbols.flatMap((symbol, order) => {
    const before = first && order === 0 ? { ...engraving.reading, octaveLine: false } : readings[order];
    const passed = inBetweenNotes && symbol.kind === 'note' && !symbol.tiedFromBefore ? inBetweenBefore(plan, symbol, measure.key) : [];
    return [...readingChanges(before ?? symbol.reading, symbol.reading), ...passed, ...symbolElements(symbol, beams[order] ?? [], plan)];
  });
  const end = last && readings[readings.length - 1]?.octaveLine === true ? [octaveShift('stop')] : [];
  return element('measure', [...head, ...symbols, ...end, ...tail], measureNumber(measure, engraving));
}

/** Gives the bar line after a measure where it is no plain one: at the end, and double where a section in another key begins. */
function barStyleAfter(measure: Measure, { measures }: Engraving): readonly ('light-heavy' | 'light-light')[] {
  const next = measures[measure.number];
  if (!next) return ['light-heavy'];
  return next.key.fifths === measure.key.fifths ? [] : ['light-light'];
}

/** Gives the key and meter that change with a measure; empty where both go on. */
function changedSignature(measure: Measure, { measures }: Engraving): readonly XmlElement[] {
  const before = measures[measure.number - 2];
  const changed = [
    ...(before && before.key !== measure.key ? [keyElement(measure)] : []),
    ...(before && before.meter !== measure.meter ? [timeElement(measure)] : []),
  ];
  return changed.length > 0 ? [element('attributes', changed)] : [];
}

function keyElement({ key: { fifths, mode } }: Signature): XmlElement {
  return element('key', [element('fifths', String(fifths)), element('mode', mode)]);
}

function timeElement({ meter: { beats, beatValue } }: Signature): XmlElement {
  return element('time', [element('beats', String(beats)), element('beat-type', String(beatValue))]);
}

/** Gives the number of a measure; a pick-up is measure 0. */
function measureNumber({ number }: Measure, { pickUp }: Engraving): Readonly<Record<string, string | number>> {
  return { number: number - (pickUp ? 1 : 0), ...(pickUp && number === 1 ? { implicit: 'yes' } : {}) };
}

/** Writes the directions before a symbol that is read differently from the one before it. */
function readingChanges(before: StaffReading, now: StaffReading): readonly XmlElement[] {
  return [
    ...(before.octaveLine && !now.octaveLine ? [octaveShift('stop')] : []),
    ...(before.clef === now.clef ? [] : [element('attributes', [clefElement(now.clef)])]),
    ...(!before.octaveLine && now.octaveLine ? [octaveShift('down')] : []),
  ];
}

/** Writes an octave sign; "down" means that the notes stand an octave lower on the staff than they sound. */
function octaveShift(type: 'down' | 'stop'): XmlElement {
  return element('direction', [element('direction-type', [element('octave-shift', [], { type, size: 8 })])], { placement: 'above' });
}

function clefElement(clef: Clef): XmlElement {
  return element('clef', [element('sign', clef.sign), element('line', String(clef.line))]);
}

function attributes(engraving: Engraving, kind: InstrumentKind): XmlElement {
  const octaves = WRITTEN_OCTAVES_ABOVE[kind];
  const transpose = [element('diatonic', '0'), element('chromatic', '0'), element('octave-change', String(-octaves))];
  return element('attributes', [
    element('divisions', String(DIVISIONS)),
    keyElement(engraving),
    timeElement(engraving),
    clefElement(engraving.reading.clef),
    ...(octaves > 0 ? [element('transpose', transpose)] : []),
  ]);
}

/** Writes the strings that are tuned differently from usual; of another number of strings than usual all. */
function tuningDirection({ brief: { instrument }, strings }: Plan): readonly XmlElement[] {
  const usual = TUNINGS[instrument.kind];
  const retuned = strings.filter(({ name }, index) => name !== usual[index] || strings.length !== usual.length);
  const accords = retuned.flatMap(({ name, number }) => {
    const open = parsePitch(name);
    return open.ok ? [element('accord', tuningElements(open.value), { string: STRING_NUMBERS.indexOf(number) + 1 })] : [];
  });
  return accords.length === 0 ? [] : [element('direction', [element('direction-type', [element('scordatura', accords)])])];
}

function tuningElements({ letter, alteration, octave }: Pitch): readonly XmlElement[] {
  return [
    element('tuning-step', LETTERS[letter]),
    ...(alteration === 0 ? [] : [element('tuning-alter', String(alteration))]),
    element('tuning-octave', String(octave)),
  ];
}

function tempoDirection(plan: Plan): readonly XmlElement[] {
  const { tempo } = plan.brief;
  if (tempo === undefined) return [];
  const metronome = element('metronome', [element('beat-unit', 'quarter'), element('per-minute', String(tempo))]);
  return [element('direction', [element('direction-type', [metronome]), element('sound', [], { tempo })], { placement: 'above' })];
}

function symbolElements(symbol: MeasureSymbol, beams: readonly BeamPart[], plan: Plan): readonly XmlElement[] {
  if (symbol.kind === 'rest') return [restElement(symbol)];
  const planned = fingeringOf(plan, symbol.index);
  if (symbol.tiedFromBefore) return noteElements(symbol, planned, { beams, bow: null, slides: [], written: null });
  const mark = plan.brief.marks?.find(({ note }) => note === symbol.index);
  const position = planned.beginsStay ? [wordsDirection(positionMark(planned.position), 'above')] : [];
  return [
    ...position,
    ...markDirections(mark),
    ...guideDirections(plan, mark),
    ...symbol.small.flatMap((small) => smallNoteElements(small, fingeringOf(plan, small.index))),
    ...noteElements(symbol, planned, {
      beams,
      bow: mark?.bow ?? null,
      slides: slidesAt(plan, symbol),
      written: ornamentAt(plan, symbol.index),
    }),
  ];
}

/**
 * Gives the fingering of a note of the line.
 *
 * @throws for a rest, or an index that the line does not have
 */
function fingeringOf(plan: Plan, index: number): PlannedSound {
  const planned = plan.notes[index];
  if (planned?.kind !== 'note') throw new RangeError(`Note ${index} of the line has no fingering`);
  return planned;
}

function markDirections({ cue, remark }: Partial<Mark> = {}): readonly XmlElement[] {
  return [cue, remark].flatMap((text) => (text === undefined ? [] : [wordsDirection(text, 'below')]));
}

/** Finds the note that a shift passes on its way to a note, with the finger that passes it; empty where nothing sounds on the way. */
function inBetweenBefore({ shifts }: Plan, { index }: MeasureNote, key: Key): readonly XmlElement[] {
  const passed = shifts.find(({ to }) => to === index)?.guides[0]?.inBetween;
  const pitch = passed && parsePitch(passed.written);
  return passed && pitch?.ok ? [inBetweenElement(passed, headInKey(pitch.value, key))] : [];
}

/** Writes the note a chosen guide passes, in words: "1 over D5". */
function guideDirections({ shifts }: Plan, mark: Mark | undefined): readonly XmlElement[] {
  const guide = shifts.find(({ to }) => to === mark?.note)?.guides[0];
  if (mark?.guide === undefined || guide?.kind !== mark.guide || guide.inBetween === null) return [];
  return [wordsDirection(`${guide.inBetween.finger} over ${pitchLabel(guide.inBetween.written)}`, 'below')];
}

function ornamentAt({ line }: Plan, index: number): WrittenOrnament | null {
  const note = line.notes[index];
  return note?.kind === 'note' ? note.ornament : null;
}

/** Finds the slides at a note: an expressive slide runs from the last note before the shift to the one it arrives on. */
function slidesAt({ shifts }: Plan, { index }: MeasureNote): readonly ('start' | 'stop')[] {
  const expressive = shifts.filter((shift) => shift.expressive);
  return [
    ...(expressive.some(({ to }) => to === index) ? (['stop'] as const) : []),
    ...(expressive.some(({ before }) => before === index) ? (['start'] as const) : []),
  ];
}

function wordsDirection(words: string, placement: 'above' | 'below'): XmlElement {
  return element('direction', [element('direction-type', [element('words', words)])], { placement });
}
