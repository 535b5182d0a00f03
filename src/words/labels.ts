import type { HandMeasure, HandPreset, School } from '#core/hand';
import { defaultSize, type InstrumentKind, writtenPitch } from '#core/instrument';
import type { ArpeggioType, BrokenFigure, Direction, DoubleStopInterval, Material, ScaleType } from '#core/material';
import { displayPitch, displayPitchClass, parseKey, parsePitch } from '#core/pitch';
import type { Alternative, Brief, WAYS_DOWN } from '#core/plan';
import type { OpenStringPolicy, Preference, Purpose } from '#core/search';

/** Every label of the interface that names a choice: one source for sentence, sheet, list and table. */
export const INSTRUMENT_LABELS: Readonly<Record<InstrumentKind, string>> = {
  violin: 'violin',
  viola: 'viola',
  cello: 'cello',
  bass: 'double bass',
};

export const MATERIAL_LABELS: Readonly<Record<Material['kind'], string>> = {
  scale: 'scale',
  arpeggio: 'arpeggio',
  broken: 'broken scale',
  'double-stops': 'scale in double stops',
  line: 'line of my own',
};

export const FIGURE_LABELS: Readonly<Record<BrokenFigure, string>> = {
  thirds: 'thirds',
  fourths: 'fourths',
  sixths: 'sixths',
  threes: 'groups of three',
  fours: 'groups of four',
};

export const DOUBLE_STOP_LABELS: Readonly<Record<DoubleStopInterval, string>> = {
  thirds: 'thirds',
  sixths: 'sixths',
  octaves: 'octaves',
  'fingered-octaves': 'fingered octaves',
  tenths: 'tenths',
  unisons: 'unisons',
};

export const SCALE_LABELS: Readonly<Record<ScaleType, string>> = {
  major: 'major',
  'natural-minor': 'natural minor',
  'harmonic-minor': 'harmonic minor',
  'melodic-minor': 'melodic minor',
  chromatic: 'chromatic',
  dorian: 'dorian',
  phrygian: 'phrygian',
  lydian: 'lydian',
  mixolydian: 'mixolydian',
  locrian: 'locrian',
  'major-pentatonic': 'major pentatonic',
  'minor-pentatonic': 'minor pentatonic',
  'whole-tone': 'whole-tone',
  octatonic: 'octatonic',
};

export const ARPEGGIO_LABELS: Readonly<Record<ArpeggioType, string>> = {
  major: 'major',
  minor: 'minor',
  diminished: 'diminished',
  augmented: 'augmented',
  'dominant-seventh': 'dominant seventh',
  'diminished-seventh': 'diminished seventh',
  'major-seventh': 'major seventh',
  'minor-seventh': 'minor seventh',
  'half-diminished-seventh': 'half-diminished seventh',
};

export const DIRECTION_LABELS: Readonly<Record<Direction, string>> = { up: 'up', down: 'down', 'up-down': 'up and down' };

/** Numbers of octaves as the sentence offers them. */
export const OCTAVE_COUNTS = ['1', '2', '3', '4'] as const;

/** A number of octaves as a choice. */
export type OctaveCount = (typeof OCTAVE_COUNTS)[number];

export const OCTAVE_LABELS: Readonly<Record<OctaveCount, string>> = {
  '1': 'one octave',
  '2': 'two octaves',
  '3': 'three octaves',
  '4': 'four octaves',
};

export const NOTE_VALUE_LABELS: Readonly<Record<string, string>> = {
  '1/1': 'whole notes',
  '1/2': 'half notes',
  '1/4': 'quarters',
  '1/8': 'eighths',
  '1/16': 'sixteenths',
};

export const OPEN_STRING_LABELS: Readonly<Record<OpenStringPolicy, string>> = {
  prefer: 'preferred',
  allow: 'allowed',
  avoid: 'avoided',
  none: 'not used',
};

export const WAY_DOWN_LABELS: Readonly<Record<(typeof WAYS_DOWN)[number], string>> = {
  own: '(down for itself)',
  'as-up': '(down as up)',
};

export const SCHOOL_LABELS: Readonly<Record<School, string>> = {
  standard: 'the usual hand',
  neck: 'in the neck hand',
  thumb: 'with thumb position',
  '124': 'with fingers 1-2-4',
  '1234': 'with four fingers',
};

/** Where the hand of a brief comes from. */
export type HandChoice = HandPreset | 'any' | 'measured';

export const HAND_LABELS: Readonly<Record<HandChoice, string>> = {
  any: 'any hand',
  measured: 'a measured hand',
  small: 'a small hand',
  average: 'an average hand',
  large: 'a large hand',
};

/** Where the hand of a brief comes from: nowhere, the ruler, or an estimate. */
export function handChoice(hand: HandMeasure | undefined): HandChoice {
  if (!hand) return 'any';
  return hand.firstToFourth || hand.firstToSecond || hand.thumbToThird ? 'measured' : (hand.preset ?? 'average');
}

export const PURPOSE_LABELS: Readonly<Record<Purpose | 'none', string>> = {
  none: 'for no set purpose',
  training: 'for training',
  performance: 'for performance',
};

export const PREFERENCE_LABELS: Readonly<Record<Preference, string>> = {
  'fewest-shifts': 'fewest shifts',
  'strong-fingers': 'strong fingers on hard notes',
  'train-fourth': 'the fourth finger trained',
  'open-strings-ring': 'open strings ringing',
  'open-strings-covered': 'open strings covered',
  'one-string': 'one string',
  'no-extensions': 'no extensions',
  'low-positions': 'low positions',
  connected: 'connected lines',
  'finger-a-semitone': 'a finger for each semitone',
};

export const REACH_LABELS: Readonly<Record<'comfort' | 'stretch' | 'beyond', string>> = {
  comfort: 'at ease',
  stretch: 'a stretch',
  beyond: 'too far',
};

const NUMBERS = ['', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight'];

/** "two to a bow"; "a bow to each note" for one. */
export function bowLabel(notesPerBow: number): string {
  return notesPerBow === 1 ? 'a bow to each note' : `${NUMBERS[notesPerBow] ?? String(notesPerBow)} to a bow`;
}

/** "¾", "½", "full-size", "16-inch": a size as it stands before the instrument's name. */
export function sizeLabel(size: string): string {
  const fractions: Readonly<Record<string, string>> = { '4/4': 'full-size', '3/4': '¾', '1/2': '½', '1/4': '¼', '7/8': '⅞', '1/8': '⅛' };
  return fractions[size] ?? size.replace('"', '-inch').replace('.5', '½');
}

/** A pitch text as people read it: "E♭4". Texts that are no pitch come back as they are. */
export function pitchLabel(text: string): string {
  const pitch = parsePitch(text);
  return pitch.ok ? displayPitch(pitch.value) : text;
}

/** A sounding pitch text as this instrument's player reads it. */
export function writtenLabel(kind: InstrumentKind, text: string): string {
  const pitch = parsePitch(text);
  return pitch.ok ? displayPitch(writtenPitch(kind, pitch.value)) : text;
}

/** "3", or of a double stop "1·4", the lower note's finger first. */
export function wayLabel(way: { readonly finger: string; readonly upperFinger: string | null }): string {
  return way.upperFinger === null ? way.finger : `${way.finger}·${way.upperFinger}`;
}

/** The note of a pitch text, or of a note name alone, without its octave: "E♭". */
export function noteLabel(text: string): string {
  const pitch = parsePitch(/[0-9]$/.test(text) ? text : `${text}4`);
  return pitch.ok ? displayPitchClass(pitch.value) : text;
}

/** "E♭ major" for a key text. */
export function keyLabel(text: string): string {
  const key = parseKey(text);
  return key.ok ? `${displayPitchClass(key.value.tonic)} ${key.value.mode}` : text;
}

/** What is played, in a few words: "A♭ major, three octaves, up". */
export function materialLabel(brief: Brief): string {
  const { material } = brief;
  if (material.kind === 'line') return `a line in ${keyLabel(material.key ?? 'C major')}`;
  return `${patternLabel(material)}, ${OCTAVE_LABELS[octavesText(material.octaves)]}, ${DIRECTION_LABELS[material.direction]}`;
}

/** On what it is played: "¾ violin"; the measured string length is told where there is one. */
export function instrumentLabel(brief: Brief): string {
  const { kind, size, stringLengthMm } = brief.instrument;
  const measured = stringLengthMm === undefined ? '' : `, string ${stringLengthMm} mm`;
  return `${fingerboardName(kind, size ?? defaultSize(kind))}${measured}`;
}

/** "¾ violin". */
export function fingerboardName(kind: InstrumentKind, size: string): string {
  return `${sizeLabel(size)} ${INSTRUMENT_LABELS[kind]}`;
}

/** Wishes in words, and what is asked of the whole line. */
export function wishLabels(brief: Brief): readonly string[] {
  const { preferences = {}, limits = {} } = brief;
  const wishes = Object.entries(PREFERENCE_LABELS).filter(([wish]) =>
    Object.entries(preferences).some(([name, strength]) => name === wish && strength > 0),
  );
  return [
    ...wishes.map(([, label]) => label),
    ...(brief.samePatternEveryOctave === true ? ['one pattern for every octave'] : []),
    ...(limits.harmonics === true ? ['harmonics'] : []),
    ...(limits.shifts === undefined ? [] : [`exactly ${limits.shifts} ${limits.shifts === 1 ? 'shift' : 'shifts'}`]),
  ];
}

/** A number of octaves as a choice; the first for a number that is none. */
export function octavesText(octaves: number): OctaveCount {
  return OCTAVE_COUNTS.find((count) => Number(count) === octaves) ?? '1';
}

function patternLabel(material: Exclude<Material, { kind: 'line' }>): string {
  const tonic = noteLabel(material.tonic);
  switch (material.kind) {
    case 'scale':
      return `${tonic} ${SCALE_LABELS[material.type]}`;
    case 'arpeggio':
      return `${tonic} ${ARPEGGIO_LABELS[material.type]} arpeggio`;
    case 'broken':
      return `${tonic} ${SCALE_LABELS[material.type]} in ${FIGURE_LABELS[material.figure]}`;
    case 'double-stops':
      return `${tonic} ${SCALE_LABELS[material.type]} in double stops, ${DOUBLE_STOP_LABELS[material.interval]}`;
  }
}

/** What kind of other fingering it is: the wish it fulfils, or another way. */
export function alternativeName(kind: Alternative['kind']): string {
  switch (kind) {
    case 'other-way':
      return 'another way';
    case 'unlocked':
      return 'without your fixed notes';
    case 'fewest-shifts':
    case 'strong-fingers':
    case 'train-fourth':
    case 'open-strings-ring':
    case 'open-strings-covered':
    case 'one-string':
    case 'no-extensions':
    case 'low-positions':
    case 'connected':
    case 'finger-a-semitone':
      return PREFERENCE_LABELS[kind];
  }
}

/** Lengths of single notes, as fractions of a whole note. */
export const LENGTH_LABELS: Readonly<Record<string, string>> = {
  '1/1': 'whole note',
  '3/4': 'dotted half',
  '1/2': 'half note',
  '3/8': 'dotted quarter',
  '1/4': 'quarter',
  '3/16': 'dotted eighth',
  '1/8': 'eighth',
  '1/16': 'sixteenth',
};
