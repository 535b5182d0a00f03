import type { TSchema } from '@sinclair/typebox';
import type { Option } from '#core/brief/parts';
import type { Direction, ScaleType } from '#core/material/scale';
import type { Line } from '#core/material/line';
import type { LineNoteDocument } from '#core/material/typed';
import type { KeyMode } from '#core/key';
import type { Reading } from '#core/result';
import type { Rhythm } from '#core/rhythm';
import type { OctaveCount } from './octaves.ts';

/** A choice that a kind of material offers in the sentence. */
export interface MaterialChoice<Value> {
  /** The name of what is chosen, for a screen reader: "Scale". */
  readonly label: string;
  /** The word before it in the sentence; empty for none. */
  readonly lead: string;
  /** The options, in the order in which they are listed. */
  readonly options: readonly Option[];
  /** The usual value, which the sentence leaves out; absent where the choice is always written. */
  readonly usual?: string;
  /** The value chosen now. */
  readonly chosen: (material: Value) => string;
  /** Gives the material with another value chosen. */
  readonly choose: (material: Value, chosen: string) => Value;
}

/** The octaves of material made by rule. */
export interface OctavesOf {
  /** The number of octaves. */
  readonly count: number;
  /** The direction: up, down, or both. */
  readonly direction: Direction;
  /** Whether the top note is played again before the way down. */
  readonly topTwice: boolean;
  /** The notes that follow when it has come down. */
  readonly after: number;
  /** The height of its lowest note above the tonic, semitones; negative below it. */
  readonly lowestAbove: number;
  /** The number of notes above the last octave, one way. */
  readonly further: number;
  /** The height of the highest of them above the last octave, semitones. */
  readonly highestFurther: number;
}

/** The fields that material of one kind hands on when the kind is changed. */
export interface MaterialBefore {
  /** The name of the tonic: "Ab". */
  readonly tonicName: string;
  /** The mode of the key it was played in. */
  readonly mode: KeyMode;
  /** The scale, or the plain one of its mode. */
  readonly scale: ScaleType;
  /** The tonic, octaves and direction, or the usual ones. */
  readonly pattern: { readonly tonic: string; readonly octaves: OctaveCount; readonly direction: Direction };
  /** The notes of a line typed before. */
  readonly notes: () => LineNoteDocument[];
}

/**
 * One kind of material, with everything the rest of the application knows about it. `Value` is what documents carry. A part is data and
 * pure functions.
 */
export interface MaterialPart<Value> {
  /** The schema of the value in documents. */
  readonly schema: TSchema & { readonly static: Value };
  /** The name in the sentence, with the article before it and the word before its key: "A scale in", "An arpeggio of". */
  readonly name: { readonly article: 'A' | 'An'; readonly noun: string; readonly lead: 'in' | 'of' | 'on' };
  /** Reads the material as a line. Refuses what cannot be spelled, an empty line, and one that is too long. */
  readonly read: (material: Value, rhythm: Rhythm) => Reading<Line>;
  /** Writes in a few words what is played: "A♭ major, three octaves, up". */
  readonly describe: (material: Value) => string;
  /** Gives the name of the tonic: "Ab". */
  readonly tonicName: (material: Value) => string;
  /** Gives the mode, as a signature is read: all minor scales are minor. */
  readonly mode: (material: Value) => KeyMode;
  /** Gives the note on which it begins going up, as documents write it; null for a line. */
  readonly begins: (material: Value) => string | null;
  /** Gives the octaves and the way back; null for material that has neither. */
  readonly octaves: (material: Value) => OctavesOf | null;
  /** Whether every octave may have the same fingers. */
  readonly repeatsByOctave: boolean;
  /** Tells whether the way down mirrors the way up, so that it may be fingered alike. */
  readonly comesBackAlike: boolean;
  /** The choices of the material besides tonic, octaves and direction. */
  readonly choices: readonly MaterialChoice<Value>[];
  /** Makes the first value of this kind where another kind of material stood before. */
  readonly after: (before: MaterialBefore) => Value;
}
