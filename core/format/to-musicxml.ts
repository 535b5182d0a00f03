import type { Mark } from '#core/brief';
import { type InstrumentKind, STRING_NUMBERS, WRITTEN_OCTAVES_ABOVE } from '#core/instrument';
import { positionMark } from '#core/messages';
import {
  asFingered,
  type Clef,
  type Engraving,
  engravingOf,
  type Measure,
  type MeasureNote,
  type MeasureRest,
  type MeasureSymbol,
  type SmallNote,
  type StaffReading,
  type TupletPlace,
  type WrittenHead,
} from '#core/notation';
import type { OrnamentKind, WrittenOrnament } from '#core/material';
import { LETTERS, pitchLabel } from '#core/pitch';
import type { Plan, PlannedSound, Stop } from '#core/plan/describe';
import { asNumber, type NoteValue, type Tuplet } from '#core/rhythm';
import { element, type XmlElement } from './xml.ts';

/** MusicXML divisions of a quarter note: 64ths, and those of triplets, quintuplets and septuplets, are whole numbers of them. */
const DIVISIONS = 16 * 3 * 5 * 7;

const TYPE_NAMES: Readonly<Record<NoteValue['denominator'], string>> = {
  1: 'whole',
  2: 'half',
  4: 'quarter',
  8: 'eighth',
  16: '16th',
  32: '32nd',
  64: '64th',
};

const ACCIDENTAL_NAMES: Readonly<Record<string, string>> = {
  '-2': 'flat-flat',
  '-1': 'flat',
  '0': 'natural',
  '1': 'sharp',
  '2': 'double-sharp',
};

const PART_NAMES: Readonly<Record<InstrumentKind, string>> = {
  violin: 'Violin',
  viola: 'Viola',
  cello: 'Violoncello',
  bass: 'Double bass',
};

/**
 * A plan as a MusicXML 4.0 partwise score: one part, pitches as written (with `transpose` for the double bass),
 * fingering and string on each note, slurs, ties, bow marks, and in words the position where a stay begins, cues and remarks.
 */
export function toMusicXml(name: string, plan: Plan): XmlElement {
  const kind = plan.brief.instrument.kind;
  const engraving = engravingOf(kind, plan.line, asFingered(plan));
  const readings = [engraving.reading, ...engraving.measures.flatMap((measure) => measure.symbols.map((symbol) => symbol.reading))];
  let done = 0;
  const measures = engraving.measures.map((measure) => {
    const from = done;
    done += measure.symbols.length;
    return measureElement(measure, engraving, plan, readings.slice(from, done + 1));
  });
  return element(
    'score-partwise',
    [
      element('work', [element('work-title', name)]),
      element('identification', [element('encoding', [element('software', 'Dove Path')])]),
      element('part-list', [element('score-part', [element('part-name', PART_NAMES[kind])], { id: 'P1' })]),
      element('part', measures, { id: 'P1' }),
    ],
    { version: '4.0' },
  );
}

/** `readings` has one entry more than the measure has symbols: how the symbol before it was read comes first. */
function measureElement(measure: Measure, engraving: Engraving, plan: Plan, readings: readonly StaffReading[]): XmlElement {
  const first = measure.number === 1;
  const last = measure.number === engraving.measures.length;
  const head = first ? [attributes(engraving, plan.brief.instrument.kind), ...tempoDirection(plan)] : [];
  const tail = last ? [element('barline', [element('bar-style', 'light-heavy')], { location: 'right' })] : [];
  const symbols = measure.symbols.flatMap((symbol, order) => {
    const before = first && order === 0 ? { ...engraving.reading, octaveLine: false } : readings[order];
    return [...readingChanges(before ?? symbol.reading, symbol.reading), ...symbolElements(symbol, plan)];
  });
  const end = last && readings[readings.length - 1]?.octaveLine === true ? [octaveShift('stop')] : [];
  return element('measure', [...head, ...symbols, ...end, ...tail], measureNumber(measure, engraving));
}

/** A pick-up is measure 0, and counts for none. */
function measureNumber({ number }: Measure, { pickUp }: Engraving): Readonly<Record<string, string | number>> {
  return { number: number - (pickUp ? 1 : 0), ...(pickUp && number === 1 ? { implicit: 'yes' } : {}) };
}

/** What is said before a symbol that is read differently from the one before it. */
function readingChanges(before: StaffReading, now: StaffReading): readonly XmlElement[] {
  return [
    ...(before.octaveLine && !now.octaveLine ? [octaveShift('stop')] : []),
    ...(before.clef === now.clef ? [] : [element('attributes', [clefElement(now.clef)])]),
    ...(!before.octaveLine && now.octaveLine ? [octaveShift('down')] : []),
  ];
}

/** "down": the notes stand an octave lower on the staff than they sound. */
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
    element('key', [element('fifths', String(engraving.key.fifths)), element('mode', engraving.key.mode)]),
    element('time', [element('beats', String(engraving.meter.beats)), element('beat-type', String(engraving.meter.beatValue))]),
    clefElement(engraving.reading.clef),
    ...(octaves > 0 ? [element('transpose', transpose)] : []),
  ]);
}

function tempoDirection(plan: Plan): readonly XmlElement[] {
  const { tempo } = plan.brief;
  if (tempo === undefined) return [];
  const metronome = element('metronome', [element('beat-unit', 'quarter'), element('per-minute', String(tempo))]);
  return [element('direction', [element('direction-type', [metronome]), element('sound', [], { tempo })], { placement: 'above' })];
}

function symbolElements(symbol: MeasureSymbol, plan: Plan): readonly XmlElement[] {
  if (symbol.kind === 'rest') return [restElement(symbol)];
  const planned = fingeringOf(plan, symbol.index);
  if (symbol.tiedFromBefore) return noteElements(symbol, planned, { bow: null, slides: [], written: null });
  const mark = plan.brief.marks?.find(({ note }) => note === symbol.index);
  const position = planned.beginsStay ? [wordsDirection(positionMark(planned.position), 'above')] : [];
  return [
    ...position,
    ...markDirections(mark),
    ...guideDirections(plan, mark),
    ...symbol.small.flatMap((small) => smallNoteElements(small, fingeringOf(plan, small.index))),
    ...noteElements(symbol, planned, { bow: mark?.bow ?? null, slides: slidesAt(plan, symbol), written: ornamentAt(plan, symbol.index) }),
  ];
}

function fingeringOf(plan: Plan, index: number): PlannedSound {
  const planned = plan.notes[index];
  if (planned?.kind !== 'note') throw new RangeError(`Note ${index} of the line has no fingering`);
  return planned;
}

/** A small note has a kind of note head and no time: "grace" stands where the others have their duration. */
function smallNoteElements({ heads, value }: SmallNote, planned: PlannedSound): readonly XmlElement[] {
  const { voice, shape } = lengthElements(value);
  return heads.map((head, order) =>
    element('note', [
      element('grace'),
      ...(order > 0 ? [element('chord')] : []),
      pitchElement(head),
      voice,
      ...shape,
      ...accidentalElements(head),
      element('notations', [element('technical', fingerElements(planned.stops[order] ?? planned.stops[0]))]),
    ]),
  );
}

function markDirections({ cue, remark }: Partial<Mark> = {}): readonly XmlElement[] {
  return [cue, remark].flatMap((text) => (text === undefined ? [] : [wordsDirection(text, 'below')]));
}

/** The note a chosen guide passes, in words: "1 over D5". */
function guideDirections({ shifts }: Plan, mark: Mark | undefined): readonly XmlElement[] {
  const guide = shifts.find(({ to }) => to === mark?.note)?.guides[0];
  if (mark?.guide === undefined || guide?.kind !== mark.guide || guide.inBetween === null) return [];
  return [wordsDirection(`${guide.inBetween.finger} over ${pitchLabel(guide.inBetween.written)}`, 'below')];
}

function ornamentAt({ line }: Plan, index: number): WrittenOrnament | null {
  const note = line.notes[index];
  return note?.kind === 'note' ? note.ornament : null;
}

/** An expressive slide runs from the last note before the shift to the one it arrives on. */
function slidesAt({ shifts }: Plan, { index }: MeasureNote): readonly ('start' | 'stop')[] {
  const expressive = shifts.filter((shift) => shift.expressive);
  return [
    ...(expressive.some(({ to }) => to === index) ? (['stop'] as const) : []),
    ...(expressive.some(({ before }) => before === index) ? (['start'] as const) : []),
  ];
}

function restElement(rest: MeasureRest): XmlElement {
  const { duration, voice, shape, tuplet } = lengthElements(rest.value);
  const brackets = tupletBrackets(rest);
  const notations = brackets.length === 0 ? [] : [element('notations', brackets)];
  return element('note', [element('rest'), duration, voice, ...shape, ...tuplet, ...notations]);
}

function wordsDirection(words: string, placement: 'above' | 'below'): XmlElement {
  return element('direction', [element('direction-type', [element('words', words)])], { placement });
}

/** One of the heads of a note, and what is written at it. */
interface HeadWritten {
  /** The note it belongs to. */
  readonly symbol: MeasureNote;
  /** The head itself. */
  readonly head: WrittenHead;
  /** The finger that plays it. */
  readonly stop: Stop;
  /** It sounds with the head before it: slurs, ties and the bow stand at the first. */
  readonly inChord: boolean;
  /** The bow sign at the note; null for none. */
  readonly bow: Mark['bow'] | null;
  /** Slides that end and begin at the note. */
  readonly slides: readonly ('start' | 'stop')[];
  /** The ornament at the note, with the sign and the finger of its other note; null for none. */
  readonly ornament: { readonly written: WrittenOrnament; readonly finger: string } | null;
  /** What the head is of a stopped harmonic; null for any other. */
  readonly harmonic: 'base' | 'touching' | null;
}

/** One element for each head; those after the first are marked as sounding with it. */
function noteElements(
  symbol: MeasureNote,
  planned: PlannedSound,
  { bow, slides, written }: Pick<HeadWritten, 'bow' | 'slides'> & { readonly written: WrittenOrnament | null },
): readonly XmlElement[] {
  const { stops, partner } = planned;
  const touches = partner?.does === 'touches';
  const ornament = partner !== null && written ? { written, finger: partner.finger } : null;
  return symbol.heads.map((head, order) =>
    noteElement({
      symbol,
      head,
      stop: touches && order === 1 ? partner : (stops[order] ?? stops[0]),
      inChord: order > 0,
      bow: order === 0 ? bow : null,
      slides: order === 0 ? slides : [],
      ornament: order === 0 ? ornament : null,
      harmonic: touches ? (order === 0 ? 'base' : 'touching') : null,
    }),
  );
}

/** Trills and mordents; "inverted" is the one with the note above. */
const ORNAMENT_NAMES: Readonly<Record<OrnamentKind, string>> = {
  trill: 'trill-mark',
  mordent: 'mordent',
  'upper-mordent': 'inverted-mordent',
};

function ornamentElements({ ornament }: HeadWritten): readonly XmlElement[] {
  if (ornament === null) return [];
  const { kind, sign } = ornament.written;
  const accidental = sign ? [element('accidental-mark', sign)] : [];
  return [element('ornaments', [element(ORNAMENT_NAMES[kind]), ...accidental])];
}

function accidentalElements({ accidental }: WrittenHead): readonly XmlElement[] {
  return accidental === null ? [] : [element('accidental', ACCIDENTAL_NAMES[String(accidental)] ?? 'natural')];
}

function fingerElements(stop: Stop): readonly XmlElement[] {
  return [element('fingering', stop.finger), element('string', String(STRING_NUMBERS.indexOf(stop.string) + 1))];
}

function noteElement(written: HeadWritten): XmlElement {
  const { symbol, head, inChord } = written;
  const { duration, voice, shape, tuplet } = lengthElements(symbol.value);
  return element('note', [
    ...(inChord ? [element('chord')] : []),
    pitchElement(head),
    duration,
    ...tieTypes(symbol).map((type) => element('tie', [], { type })),
    voice,
    ...shape,
    ...accidentalElements(head),
    ...tuplet,
    ...(head.diamond ? [element('notehead', 'diamond')] : []),
    ...notations(written),
  ]);
}

function pitchElement({ written: { letter, alteration, octave } }: WrittenHead): XmlElement {
  return element('pitch', [
    element('step', LETTERS[letter]),
    ...(alteration === 0 ? [] : [element('alter', String(alteration))]),
    element('octave', String(octave)),
  ]);
}

function harmonicElements({ stop, harmonic }: HeadWritten): readonly XmlElement[] {
  if (harmonic !== null) return [element('harmonic', [element('artificial'), element(`${harmonic}-pitch`)])];
  return stop.harmonic ? [element('harmonic', [element('natural'), element('sounding-pitch')])] : [];
}

function notations(written: HeadWritten): readonly XmlElement[] {
  const { symbol, stop, inChord, bow, slides, ornament } = written;
  const slurs = inChord ? [] : symbol.slur === 'begins' ? ['start'] : symbol.slur === 'ends' ? ['stop'] : [];
  const technical = [
    ...(bow ? [element(`${bow}-bow`)] : []),
    ...harmonicElements(written),
    ...fingerElements(stop),
    ...(ornament ? [element('fingering', ornament.finger)] : []),
  ];
  const inside = [
    ...tieTypes(symbol).map((type) => element('tied', [], { type })),
    ...slurs.map((type) => element('slur', [], { type, number: 1 })),
    ...(inChord ? [] : tupletBrackets(symbol)),
    ...(symbol.tiedFromBefore ? [] : [...ornamentElements(written), element('technical', technical)]),
    ...accentElements(written),
    ...slides.map((type) => element('slide', [], { type, number: 1, 'line-type': 'solid' })),
  ];
  return inside.length === 0 ? [] : [element('notations', inside)];
}

function accentElements({ symbol, inChord }: HeadWritten): readonly XmlElement[] {
  return symbol.accent && !inChord ? [element('articulations', [element('accent')])] : [];
}

function tieTypes(symbol: MeasureNote): readonly ('start' | 'stop')[] {
  return [...(symbol.tiedFromBefore ? (['stop'] as const) : []), ...(symbol.tiedToNext ? (['start'] as const) : [])];
}

/** How long a note or rest is: in divisions, and as it is written. */
interface LengthElements {
  /** How long, in divisions. */
  readonly duration: XmlElement;
  /** The one voice there is. */
  readonly voice: XmlElement;
  /** Kind of note head, and dots. */
  readonly shape: readonly XmlElement[];
  /** The tuplet it belongs to; empty for none. */
  readonly tuplet: readonly XmlElement[];
}

function lengthElements(value: NoteValue): LengthElements {
  return {
    duration: element('duration', String(asNumber(value.length) * 4 * DIVISIONS)),
    voice: element('voice', '1'),
    shape: [element('type', TYPE_NAMES[value.denominator]), ...(value.dots === 1 ? [element('dot')] : [])],
    tuplet: value.tuplet ? [timeModification(value.tuplet)] : [],
  };
}

function timeModification({ notes, inTimeOf }: Tuplet): XmlElement {
  return element('time-modification', [element('actual-notes', String(notes)), element('normal-notes', String(inTimeOf))]);
}

/** The bracket of a tuplet at its first and its last note. */
const TUPLET_BRACKETS: Readonly<Record<TupletPlace, readonly ('start' | 'stop')[]>> = {
  begins: ['start'],
  continues: [],
  ends: ['stop'],
  alone: ['start', 'stop'],
};

function tupletBrackets({ tuplet }: MeasureSymbol): readonly XmlElement[] {
  return tuplet === null ? [] : TUPLET_BRACKETS[tuplet].map((type) => element('tuplet', [], { type }));
}
