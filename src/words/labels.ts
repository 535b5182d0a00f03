import { defaultSize, type InstrumentKind, writtenPitch } from '#core/instrument';
import type { ArpeggioType, Direction, Material, ScaleType } from '#core/material';
import { displayPitch, displayPitchClass, parseKey, parsePitch } from '#core/pitch';
import type { Brief } from '#core/plan';
import type { OpenStringPolicy } from '#core/search';

/** Every label of the interface that names a choice: one source for sentence, sheet, list and table. */
export const INSTRUMENT_LABELS: Readonly<Record<InstrumentKind, string>> = {
  violin: 'violin',
  viola: 'viola',
  cello: 'cello',
  bass: 'double bass',
};

export const MATERIAL_LABELS: Readonly<Record<Material['kind'], string>> = { scale: 'scale', arpeggio: 'arpeggio', line: 'line of my own' };

export const SCALE_LABELS: Readonly<Record<ScaleType, string>> = {
  major: 'major',
  'natural-minor': 'natural minor',
  'harmonic-minor': 'harmonic minor',
  'melodic-minor': 'melodic minor',
};

export const ARPEGGIO_LABELS: Readonly<Record<ArpeggioType, string>> = { major: 'major', minor: 'minor' };

export const DIRECTION_LABELS: Readonly<Record<Direction, string>> = { up: 'up', down: 'down', 'up-down': 'up and down' };

export const OCTAVE_LABELS: Readonly<Record<'1' | '2' | '3', string>> = { '1': 'one octave', '2': 'two octaves', '3': 'three octaves' };

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
  switch (material.kind) {
    case 'scale':
      return `${noteLabel(material.tonic)} ${SCALE_LABELS[material.type]}, ${octavesLabel(material.octaves)}, ${DIRECTION_LABELS[material.direction]}`;
    case 'arpeggio':
      return `${noteLabel(material.tonic)} ${ARPEGGIO_LABELS[material.type]} arpeggio, ${octavesLabel(material.octaves)}, ${DIRECTION_LABELS[material.direction]}`;
    case 'line':
      return `a line in ${keyLabel(material.key ?? 'C major')}`;
  }
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

/** The whole brief as one line of print. */
export function briefLine(brief: Brief): string {
  const player = brief.player?.name ? `for ${brief.player.name}, ` : '';
  const tempo = brief.tempo === undefined ? '' : `, ♩ = ${brief.tempo}`;
  const limits = brief.limits ?? {};
  const told = [
    limits.positions ? `positions ${limits.positions.join(', ')}` : '',
    limits.strings ? `strings ${limits.strings.map(noteLabel).join(', ')}` : '',
    limits.fingers ? `fingers ${limits.fingers.join(', ')}` : '',
    limits.openStrings && limits.openStrings !== 'allow' ? `open strings ${OPEN_STRING_LABELS[limits.openStrings]}` : '',
  ].filter((text) => text !== '');
  const limited = told.length === 0 ? '' : `; ${told.join('; ')}`;
  const what = materialLabel(brief);
  return `${what.charAt(0).toUpperCase()}${what.slice(1)}, ${player}on a ${instrumentLabel(brief)}${tempo}${limited}`;
}

function octavesLabel(octaves: 1 | 2 | 3): string {
  return OCTAVE_LABELS[String(octaves) === '1' ? '1' : octaves === 2 ? '2' : '3'];
}
