import { Type } from '@sinclair/typebox';
import type { Option } from '#core/brief/parts';
import { type Direction, DIRECTIONS, SCALE_TYPES, type ScaleType, TOP_NOTES, type TopNote } from '#core/material/scale';
import type { KeyMode } from '#core/key';
import { noteLabel, PitchText } from '#core/pitch';
import { oneOf } from '#core/result';
import type { MaterialChoice, OctavesOf } from './material-part.ts';
import type { OctaveCount } from './octaves.ts';

/** The fields that all material made by rule has in common: it is counted from its tonic. */
export const FROM_A_TONIC = {
  tonic: PitchText,
  octaves: Type.Union([Type.Literal(1), Type.Literal(2), Type.Literal(3), Type.Literal(4)]),
  direction: oneOf(DIRECTIONS),
  top: Type.Optional(oneOf(TOP_NOTES)),
};

/** Material made by rule, as documents carry it. */
export interface FromATonic {
  /** The tonic from which it is counted: the lowest note of most material. */
  readonly tonic: string;
  /** The number of octaves. */
  readonly octaves: OctaveCount;
  /** The direction: up, down, or both. */
  readonly direction: Direction;
  /** Whether the top note is played again before the way down. */
  readonly top?: TopNote;
}

/** The names of directions in the sentence. */
export const DIRECTION_LABELS: Readonly<Record<Direction, string>> = { up: 'up', down: 'down', 'up-down': 'up and down' };

/** The numbers of octaves in the sentence. */
export const OCTAVE_LABELS: Readonly<Record<OctaveCount, string>> = {
  1: 'one octave',
  2: 'two octaves',
  3: 'three octaves',
  4: 'four octaves',
};

/** The names for the top note of material that goes up and down, in the sentence. */
const TOP_LABELS: Readonly<Record<TopNote, string>> = { once: 'the top note once', twice: 'the top note twice' };

/** The names of scales in the sentence. */
export const SCALE_LABELS: Readonly<Record<ScaleType, string>> = {
  major: 'major',
  'natural-minor': 'natural minor',
  'harmonic-minor': 'harmonic minor',
  'melodic-minor': 'melodic minor',
  'melodic-minor-both-ways': 'melodic minor both ways',
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

/** Builds what all material made by rule shares in its part: its tonic, mode, first note and octaves. */
export const fromATonic = {
  tonicName: ({ tonic }: FromATonic): string => tonic.replace(/-?[0-9]$/, ''),
  mode: ({ type }: { readonly type: string }): KeyMode => (/minor(-both-ways)?$/.test(type) ? 'minor' : 'major'),
  begins: ({ tonic }: FromATonic): string => tonic,
  octaves: ({ octaves, direction, top }: FromATonic): OctavesOf => ({
    count: octaves,
    direction,
    topTwice: direction === 'up-down' && top === 'twice',
    after: 0,
    lowestAbove: 0,
    further: 0,
    highestFurther: 0,
  }),
};

/** Writes a pattern and how far it goes: "A♭ major, three octaves, up". */
export function describePattern(pattern: FromATonic, what: string): string {
  const twice = pattern.direction === 'up-down' && pattern.top === 'twice' ? `, ${TOP_LABELS.twice}` : '';
  return `${noteLabel(pattern.tonic)} ${what}, ${OCTAVE_LABELS[pattern.octaves]}, ${DIRECTION_LABELS[pattern.direction]}${twice}`;
}

/** Turns a table of labels into options. */
export function optionsOf<Value extends string>(values: readonly Value[], labels: Readonly<Record<Value, string>>): readonly Option[] {
  return values.map((value) => ({ value, name: labels[value] }));
}

/** Makes the choice of playing the top note again in material that goes up and down. */
export function topChoice<Value extends FromATonic>(): MaterialChoice<Value> {
  return {
    label: 'Top note',
    lead: '',
    options: optionsOf(TOP_NOTES, TOP_LABELS),
    usual: 'once',
    chosen: ({ top }) => top ?? 'once',
    choose: (material, chosen) => ({ ...material, top: TOP_NOTES.find((known) => known === chosen) ?? material.top ?? 'once' }),
  };
}

/** Makes the choice of the scale. */
export function scaleChoice<Value extends { readonly type: ScaleType }>(): MaterialChoice<Value> {
  return {
    label: 'Scale',
    lead: '',
    options: optionsOf(SCALE_TYPES, SCALE_LABELS),
    chosen: ({ type }) => type,
    choose: (material, chosen) => ({ ...material, type: SCALE_TYPES.find((type) => type === chosen) ?? material.type }),
  };
}
