import type { Brief, Passage } from '#core/brief';
import { limitsSet } from '#core/brief/parts/limits';
import { materialPart } from '#core/brief/parts/materials';
import { SAME_PATTERN_WORDS } from '#core/brief/parts/rules';
import { PREFERENCES, wishPart } from '#core/brief/parts/wishes';
import type { HandSchool } from '#core/hand';
import type { Accent, Articulation, OrnamentKind, OrnamentSign } from '#core/material/line';
import type { HandMeasurements, HandPreset } from '#core/hand/reach';
import { defaultSize, type InstrumentKind, writtenPitch } from '#core/instrument';
import { listText } from '#core/messages';
import { displayPitch, parsePitch } from '#core/pitch';

/** The names of instruments; the labels of this file are the one source for sentence, sheet, list and table. */
export const INSTRUMENT_LABELS: Readonly<Record<InstrumentKind, string>> = {
  violin: 'violin',
  viola: 'viola',
  cello: 'cello',
  bass: 'double bass',
};

/** The names of note values of a pattern, in the sentence. */
export const NOTE_VALUE_LABELS: Readonly<Record<string, string>> = {
  '1/1': 'whole notes',
  '1/2': 'half notes',
  '1/4': 'quarters',
  '1/8': 'eighths',
  '1/16': 'sixteenths',
};

/** The names of schools of the hand, in the sentence. */
export const SCHOOL_LABELS: Readonly<Record<HandSchool, string>> = {
  standard: 'the usual hand',
  neck: 'without thumb position',
  thumb: 'with thumb position',
  '124': 'with fingers 1-2-4',
  '1234': 'with four fingers',
};

/** The names of ornaments at a note. */
export const ORNAMENT_LABELS: Readonly<Record<OrnamentKind, string>> = {
  trill: 'trill',
  mordent: 'mordent',
  'upper-mordent': 'upper mordent',
};

/** The names for the other note of an ornament: the key's own, or with an accidental at the sign. */
export const ORNAMENT_SIGN_LABELS: Readonly<Record<OrnamentSign | 'key', string>> = {
  key: 'with the note of the key',
  flat: 'with a flat at it',
  natural: 'with a natural at it',
  sharp: 'with a sharp at it',
};

/** The names of articulation at a note. */
export const ARTICULATION_LABELS: Readonly<Record<'none' | Articulation, string>> = {
  none: 'none',
  staccato: 'staccato',
  staccatissimo: 'staccatissimo',
  tenuto: 'tenuto',
  'detached-legato': 'tenuto with a dot',
};

/** The names of accents at a note. */
export const ACCENT_KIND_LABELS: Readonly<Record<'none' | Accent, string>> = {
  none: 'no accent',
  accent: 'accent',
  marcato: 'marcato',
};

/** The names of harmonics at a note. */
export const HARMONIC_LABELS: Readonly<Record<'none' | 'natural' | 'stopped', string>> = {
  none: 'none',
  natural: 'natural',
  stopped: 'stopped',
};

/** The source of the hand of a brief. */
export type HandChoice = HandPreset | 'any' | 'measured';

/** The names of the sources of a hand’s spans, in the sentence. */
export const HAND_LABELS: Readonly<Record<HandChoice, string>> = {
  any: 'any hand',
  measured: 'a measured hand',
  small: 'a small hand',
  average: 'an average hand',
  large: 'a large hand',
};

/** Gives the source of the hand of a brief: none, the ruler, or an estimate. */
export function handChoice(hand: HandMeasurements | undefined): HandChoice {
  if (!hand) return 'any';
  return hand.firstToFourth || hand.firstToSecond || hand.thumbToThird ? 'measured' : (hand.preset ?? 'average');
}

/** The names of the verdicts on a reach. */
export const REACH_LABELS: Readonly<Record<'comfort' | 'stretch' | 'beyond', string>> = {
  comfort: 'comfortable',
  stretch: 'a stretch',
  beyond: 'out of reach',
};

const NUMBERS = ['', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight'];

/** Writes a number as a word: "three"; a larger one as digits. */
export function numberWord(count: number): string {
  return NUMBERS[count] || String(count);
}

/** Writes a bowing: "two to a bow"; "a bow to each note" for one. */
export function bowLabel(notesPerBow: number): string {
  return notesPerBow === 1 ? 'a bow to each note' : `${numberWord(notesPerBow)} to a bow`;
}

/** Writes a size as it stands before the instrument's name: "¾", "½", "full-size", "16-inch". */
export function sizeLabel(size: string): string {
  const fractions: Readonly<Record<string, string>> = { '4/4': 'full-size', '3/4': '¾', '1/2': '½', '1/4': '¼', '7/8': '⅞', '1/8': '⅛' };
  return fractions[size] ?? size.replace('"', '-inch').replace('.5', '½');
}

/** Writes a sounding pitch text as this instrument's player reads it. */
export function writtenLabel(kind: InstrumentKind, text: string): string {
  const pitch = parsePitch(text);
  return pitch.ok ? displayPitch(writtenPitch(kind, pitch.value)) : text;
}

/** Writes the fingers of a way to play: "3", of a double stop "1·4", of a chord "0·0·1", the lowest note's finger first. */
export function wayLabel(way: { readonly finger: string; readonly upperFinger: string | null; readonly topFinger: string | null }): string {
  return [way.finger, way.upperFinger, way.topFinger].filter((finger) => finger !== null).join('·');
}

/** Writes in a few words what is played: "A♭ major, three octaves, up". */
export function materialLabel({ material }: Brief): string {
  return materialPart(material.kind).describe(material);
}

/** Gives the title of a piece: its name, or its material where it has none. */
export function pieceTitle({ name, brief }: { readonly name: string; readonly brief: Brief }): string {
  return name === '' ? materialLabel(brief) : name;
}

/** The strengths of a wish, 0 to 1, as documents have them and in words. */
export const STRENGTHS: readonly { readonly value: number; readonly name: string }[] = [
  { value: 0, name: 'no' },
  { value: 0.35, name: 'a little' },
  { value: 0.7, name: 'rather' },
  { value: 1, name: 'above all' },
];

/** Writes the instrument: "¾ violin"; with the measured string length where there is one. */
export function instrumentLabel(brief: Brief): string {
  const { kind, size, stringLengthMm } = brief.instrument;
  const measured = stringLengthMm === undefined ? '' : `, string ${stringLengthMm} mm`;
  return `${fingerboardName(kind, size ?? defaultSize(kind))}${measured}`;
}

/** Names a fingerboard: "¾ violin". */
export function fingerboardName(kind: InstrumentKind, size: string): string {
  return `${sizeLabel(size)} ${INSTRUMENT_LABELS[kind]}`;
}

/** The names of lengths of single notes, as fractions of a whole note. */
export const NOTE_LENGTH_LABELS: Readonly<Record<string, string>> = {
  '1/1': 'whole note',
  '3/4': 'dotted half',
  '1/2': 'half note',
  '3/8': 'dotted quarter',
  '1/4': 'quarter',
  '3/16': 'dotted eighth',
  '1/8': 'eighth',
  '1/16': 'sixteenth',
};

/** Writes what is asked of some notes alone: "only the strings D from note 5 to note 12". */
export function passageLabel({ from, to, limits, preferences = {} }: Passage): string {
  const limited = limitsSet(limits).map(({ part, value }) => part.words.asked(value));
  const wished = PREFERENCES.filter((wish) => (preferences[wish] ?? 0) > 0).map((wish) => wishPart(wish).label);
  return `${listText([...limited, ...wished])} ${from === to ? `at note ${from + 1}` : `from note ${from + 1} to note ${to + 1}`}`;
}

/** Writes the wishes, and the rules that hold for the whole line. */
export function wishLabels(brief: Brief): readonly string[] {
  const { preferences = {}, limits } = brief;
  const rules = limitsSet(limits).filter(({ part }) => part.stands.in === 'rules');
  return [
    ...PREFERENCES.filter((wish) => (preferences[wish] ?? 0) > 0).map((wish) => wishPart(wish).label),
    ...(brief.samePatternEveryOctave === true ? [SAME_PATTERN_WORDS.asked] : []),
    ...rules.map(({ part, value }) => part.words.inSentence(value)).filter((words) => words !== ''),
    ...(brief.stretches ?? []).map(passageLabel),
  ];
}

/** Writes the wishes in the sentence. */
export function wishText(wishes: readonly string[]): string {
  return wishes.length === 0 ? 'no preferences' : listText(wishes);
}
