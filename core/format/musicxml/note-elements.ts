import type { Accent, OrnamentKind, WrittenOrnament } from '#core/material/line';
import type { Mark } from '#core/brief';
import { STRING_NUMBERS } from '#core/instrument';
import type { BeamPart, MeasureNote, MeasureRest, MeasureSymbol, SmallNote, TupletPlace, WrittenHead } from '#core/notation';
import { LETTERS } from '#core/pitch';
import type { InBetweenNote, PlannedSound, Stop } from '#core/plan/describe';
import { asNumber } from '#core/fraction';
import type { NoteValue, Tuplet } from '#core/rhythm';
import { DIVISIONS, element, type XmlElement } from '#core/format';

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

/** Writes a rest. */
export function restElement(rest: MeasureRest): XmlElement {
  const { duration, voice, shape, tuplet } = lengthElements(rest.value);
  const brackets = tupletBrackets(rest);
  const notations = brackets.length === 0 ? [] : [element('notations', brackets)];
  return element('note', [element('rest'), duration, voice, ...shape, ...tuplet, ...notations]);
}

/** Writes a small note, which has a kind of note head and no time: "grace" stands where the others have their duration. */
export function smallNoteElements({ heads, value }: SmallNote, planned: PlannedSound): readonly XmlElement[] {
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

/** Writes the note that a shift passes: small, without time, its head in brackets, with the finger that passes it. */
export function inBetweenElement({ finger, string }: InBetweenNote, head: WrittenHead): XmlElement {
  return element('note', [
    element('grace'),
    pitchElement(head),
    element('voice', '1'),
    element('type', TYPE_NAMES[8], { size: 'cue' }),
    ...accidentalElements(head),
    element('stem', 'none'),
    element('notehead', 'normal', { parentheses: 'yes' }),
    element('notations', [element('technical', fingerElements({ finger, string }))]),
  ]);
}

/** One of the heads of a note, and the signs at it. */
interface HeadWritten {
  /** The note to which it belongs. */
  readonly symbol: MeasureNote;
  /** The head itself. */
  readonly head: WrittenHead;
  /** The stop that plays it. */
  readonly stop: Stop;
  /** Whether it sounds with the head before it: slurs, ties and the bow stand at the first. */
  readonly inChord: boolean;
  /** The parts of the note in its beams, from that of the eighths on. */
  readonly beams: readonly BeamPart[];
  /** The bow sign at the note; null for none. */
  readonly bow: Mark['bow'] | null;
  /** The slides that end and begin at the note. */
  readonly slides: readonly ('start' | 'stop')[];
  /** The ornament at the note, with the sign and the finger of its other note; null for none. */
  readonly ornament: { readonly written: WrittenOrnament; readonly finger: string } | null;
  /** The part that the head has in a stopped harmonic; null for any other. */
  readonly harmonic: 'base' | 'touching' | null;
}

/** Writes one element for each head; those after the first are marked as sounding with it. */
export function noteElements(
  symbol: MeasureNote,
  planned: PlannedSound,
  { beams, bow, slides, written }: Pick<HeadWritten, 'beams' | 'bow' | 'slides'> & { readonly written: WrittenOrnament | null },
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
      beams,
      bow: order === 0 ? bow : null,
      slides: order === 0 ? slides : [],
      ornament: order === 0 ? ornament : null,
      harmonic: touches ? (order === 0 ? 'base' : 'touching') : null,
    }),
  );
}

/** The words of the format for the parts of a beam. */
const BEAM_WORDS: Readonly<Record<BeamPart, string>> = {
  begins: 'begin',
  continues: 'continue',
  ends: 'end',
  'hooks forward': 'forward hook',
  'hooks backward': 'backward hook',
};

function beamElements(beams: readonly BeamPart[]): readonly XmlElement[] {
  return beams.map((part, order) => element('beam', BEAM_WORDS[part], { number: order + 1 }));
}

/** The element names of trills and mordents; "inverted" is the one with the note above. */
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

function accidentalElements({ accidental, courtesy }: WrittenHead): readonly XmlElement[] {
  const how = courtesy ? { cautionary: 'yes' } : {};
  return accidental === null ? [] : [element('accidental', ACCIDENTAL_NAMES[String(accidental)] ?? 'natural', how)];
}

function fingerElements(stop: Pick<Stop, 'finger' | 'string'>): readonly XmlElement[] {
  return [element('fingering', stop.finger), element('string', String(STRING_NUMBERS.indexOf(stop.string) + 1))];
}

function noteElement(written: HeadWritten): XmlElement {
  const { symbol, head, inChord, beams } = written;
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
    ...(inChord ? [] : beamElements(beams)),
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
    ...articulationElements(written),
    ...slides.map((type) => element('slide', [], { type, number: 1, 'line-type': 'solid' })),
  ];
  return inside.length === 0 ? [] : [element('notations', inside)];
}

/** The element names of accents; the strong accent has a name of its own there. */
const ACCENT_ELEMENTS: Readonly<Record<Accent, string>> = { accent: 'accent', marcato: 'strong-accent' };

function articulationElements({ symbol: { accent, articulation }, inChord }: HeadWritten): readonly XmlElement[] {
  const signs = [...(accent ? [element(ACCENT_ELEMENTS[accent])] : []), ...(articulation ? [element(articulation)] : [])];
  return signs.length > 0 && !inChord ? [element('articulations', signs)] : [];
}

function tieTypes(symbol: MeasureNote): readonly ('start' | 'stop')[] {
  return [...(symbol.tiedFromBefore ? (['stop'] as const) : []), ...(symbol.tiedToNext ? (['start'] as const) : [])];
}

/** The length of a note or rest: in divisions, and as it is written. */
interface LengthElements {
  /** The length in divisions. */
  readonly duration: XmlElement;
  /** The voice; there is only one. */
  readonly voice: XmlElement;
  /** The kind of note head, and dots. */
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

/** The elements for the bracket of a tuplet at its first and its last note. */
const TUPLET_BRACKETS: Readonly<Record<TupletPlace, readonly ('start' | 'stop')[]>> = {
  begins: ['start'],
  continues: [],
  ends: ['stop'],
  alone: ['start', 'stop'],
};

function tupletBrackets({ tuplet }: MeasureSymbol): readonly XmlElement[] {
  return tuplet === null ? [] : TUPLET_BRACKETS[tuplet].map((type) => element('tuplet', [], { type }));
}
