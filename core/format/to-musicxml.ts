import { type InstrumentKind, STRING_NUMBERS, WRITTEN_OCTAVES_ABOVE } from '#core/instrument';
import { asNumber, type NoteValue } from '#core/material';
import {
  asFingered,
  type Clef,
  type Engraving,
  engravingOf,
  type Measure,
  type MeasureNote,
  type MeasureSymbol,
  type StaffReading,
  type WrittenHead,
} from '#core/notation';
import { LETTERS } from '#core/pitch';
import type { Mark, Plan, PlannedSound, Stop } from '#core/plan';
import { positionMark } from '#core/words';
import { element } from './xml.ts';

/** MusicXML divisions of a quarter note: a 64th note is one. */
const DIVISIONS = 16;

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
export function toMusicXml(name: string, plan: Plan): string {
  const kind = plan.brief.instrument.kind;
  const engraving = engravingOf(kind, plan.line, asFingered(plan));
  const readings = [engraving.reading, ...engraving.measures.flatMap((measure) => measure.symbols.map((symbol) => symbol.reading))];
  let done = 0;
  const measures = engraving.measures.map((measure) => {
    const from = done;
    done += measure.symbols.length;
    return measureElement(measure, engraving, plan, readings.slice(from, done + 1));
  });
  const score = element(
    'score-partwise',
    [
      element('work', [element('work-title', name)]),
      element('identification', [element('encoding', [element('software', 'Dove Path')])]),
      element('part-list', [element('score-part', [element('part-name', PART_NAMES[kind])], { id: 'P1' })]),
      element('part', measures, { id: 'P1' }),
    ],
    { version: '4.0' },
  );
  return `<?xml version="1.0" encoding="UTF-8"?>\n${score}\n`;
}

/** `readings` has one entry more than the measure has symbols: how the symbol before it was read comes first. */
function measureElement(measure: Measure, engraving: Engraving, plan: Plan, readings: readonly StaffReading[]): string {
  const first = measure.number === 1;
  const last = measure.number === engraving.measures.length;
  const head = first ? [attributes(engraving, plan.brief.instrument.kind), ...tempoDirection(plan)] : [];
  const tail = last ? [element('barline', [element('bar-style', 'light-heavy')], { location: 'right' })] : [];
  const symbols = measure.symbols.flatMap((symbol, order) => {
    const before = first && order === 0 ? { ...engraving.reading, octaveLine: false } : readings[order];
    return [...readingChanges(before ?? symbol.reading, symbol.reading), ...symbolElements(symbol, plan)];
  });
  const end = last && readings[readings.length - 1]?.octaveLine === true ? [octaveShift('stop')] : [];
  return element('measure', [...head, ...symbols, ...end, ...tail], { number: measure.number });
}

/** What is said before a symbol that is read otherwise than the one before it. */
function readingChanges(before: StaffReading, now: StaffReading): readonly string[] {
  return [
    ...(before.octaveLine && !now.octaveLine ? [octaveShift('stop')] : []),
    ...(before.clef === now.clef ? [] : [element('attributes', [clefElement(now.clef)])]),
    ...(!before.octaveLine && now.octaveLine ? [octaveShift('down')] : []),
  ];
}

/** "down": the notes stand an octave lower on the staff than they sound. */
function octaveShift(type: 'down' | 'stop'): string {
  return element('direction', [element('direction-type', [element('octave-shift', [], { type, size: 8 })])], { placement: 'above' });
}

function clefElement(clef: Clef): string {
  return element('clef', [element('sign', clef.sign), element('line', String(clef.line))]);
}

function attributes(engraving: Engraving, kind: InstrumentKind): string {
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

function tempoDirection(plan: Plan): readonly string[] {
  const { tempo } = plan.brief;
  if (tempo === undefined) return [];
  const metronome = element('metronome', [element('beat-unit', 'quarter'), element('per-minute', String(tempo))]);
  return [element('direction', [element('direction-type', [metronome]), element('sound', [], { tempo })], { placement: 'above' })];
}

function symbolElements(symbol: MeasureSymbol, plan: Plan): readonly string[] {
  if (symbol.kind === 'rest') return [element('note', [element('rest', []), ...lengthElements(symbol.value)])];
  const planned = plan.notes[symbol.index];
  if (planned?.kind !== 'note') throw new RangeError(`Note ${symbol.index} of the line has no fingering`);
  const mark = symbol.tiedFromBefore ? undefined : plan.brief.marks?.find(({ note }) => note === symbol.index);
  const position = planned.beginsStay && !symbol.tiedFromBefore ? [wordsDirection(positionMark(planned.position), 'above')] : [];
  const words = [mark?.cue, mark?.remark].flatMap((text) => (text === undefined ? [] : [wordsDirection(text, 'below')]));
  return [...position, ...words, ...noteElements(symbol, planned, mark?.bow ?? null)];
}

function wordsDirection(words: string, placement: 'above' | 'below'): string {
  return element('direction', [element('direction-type', [element('words', words)])], { placement });
}

/** One element for each head; those after the first are marked as sounding with it. Slurs and ties stand once. */
function noteElements(symbol: MeasureNote, planned: PlannedSound, bow: Mark['bow'] | null): readonly string[] {
  return symbol.heads.map((head, order) =>
    noteElement(symbol, head, planned.stops[order] ?? planned.stops[0], order > 0, order === 0 ? bow : null),
  );
}

function noteElement(symbol: MeasureNote, head: WrittenHead, stop: Stop, inChord: boolean, bow: Mark['bow'] | null): string {
  const { letter, alteration, octave } = head.written;
  const [duration, voice, ...shape] = lengthElements(symbol.value);
  const ties = tieTypes(symbol);
  return element('note', [
    ...(inChord ? [element('chord', [])] : []),
    element('pitch', [
      element('step', LETTERS[letter]),
      ...(alteration === 0 ? [] : [element('alter', String(alteration))]),
      element('octave', String(octave)),
    ]),
    duration ?? '',
    ...ties.map((type) => element('tie', [], { type })),
    voice ?? '',
    ...shape,
    ...(head.accidental === null ? [] : [element('accidental', ACCIDENTAL_NAMES[String(head.accidental)] ?? 'natural')]),
    ...notations(symbol, stop, ties, inChord, bow),
  ]);
}

function notations(symbol: MeasureNote, stop: Stop, ties: readonly string[], inChord: boolean, bow: Mark['bow'] | null): readonly string[] {
  const slurs = inChord ? [] : symbol.slur === 'begins' ? ['start'] : symbol.slur === 'ends' ? ['stop'] : [];
  const technical = [
    ...(bow ? [element(`${bow}-bow`, [])] : []),
    ...(stop.harmonic ? [element('harmonic', [element('natural', []), element('sounding-pitch', [])])] : []),
    element('fingering', stop.finger),
    element('string', String(STRING_NUMBERS.indexOf(stop.string) + 1)),
  ];
  const inside = [
    ...ties.map((type) => element('tied', [], { type })),
    ...slurs.map((type) => element('slur', [], { type, number: 1 })),
    ...(symbol.tiedFromBefore ? [] : [element('technical', technical)]),
  ];
  return inside.length === 0 ? [] : [element('notations', inside)];
}

function tieTypes(symbol: MeasureNote): readonly ('start' | 'stop')[] {
  return [...(symbol.tiedFromBefore ? (['stop'] as const) : []), ...(symbol.tiedToNext ? (['start'] as const) : [])];
}

function lengthElements(value: NoteValue): readonly string[] {
  return [
    element('duration', String(asNumber(value.length) * 4 * DIVISIONS)),
    element('voice', '1'),
    element('type', TYPE_NAMES[value.denominator]),
    ...(value.dots === 1 ? [element('dot', [])] : []),
  ];
}
