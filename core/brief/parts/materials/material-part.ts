import type { TSchema } from '@sinclair/typebox';
import type { Option } from '#core/brief/parts';
import type { Direction, ScaleType } from '#core/material/scale';
import type { Line } from '#core/material/line';
import type { LineNoteDocument } from '#core/material/typed';
import type { KeyMode } from '#core/key';
import type { Reading } from '#core/result';
import type { Rhythm } from '#core/rhythm';
import type { OctaveCount } from './octaves.ts';

/** A choice that a kind of material has in the sentence. */
export interface MaterialChoice<Value> {
  /** What is chosen, for a listener: "Scale". */
  readonly label: string;
  /** The word before it in the sentence; empty for none. */
  readonly lead: string;
  /** All that can be chosen. */
  readonly options: readonly Option[];
  /** What is told only where it is not so; left out where it always is. */
  readonly usual?: string;
  /** What is chosen now. */
  readonly chosen: (material: Value) => string;
  /** The material with something else chosen. */
  readonly choose: (material: Value, chosen: string) => Value;
}

/** The octaves of material made by rule. */
export interface OctavesOf {
  /** How many. */
  readonly count: number;
  /** Up, down, or both. */
  readonly direction: Direction;
  /** The top note is played again before the way down. */
  readonly topTwice: boolean;
  /** Notes that follow when it has come down. */
  readonly after: number;
  /** How far its lowest note lies above the tonic, semitones; negative below it. */
  readonly lowestAbove: number;
  /** Notes above the last octave, one way. */
  readonly further: number;
  /** How far the highest of them lies above the last octave, semitones. */
  readonly highestFurther: number;
}

/** What material of another kind hands on when the kind is changed. */
export interface MaterialBefore {
  /** The name of its tonic: "Ab". */
  readonly tonicName: string;
  /** Its mode. */
  readonly mode: KeyMode;
  /** Its scale, or the plain one of its mode. */
  readonly scale: ScaleType;
  /** Tonic, octaves and direction, or the usual ones. */
  readonly pattern: { readonly tonic: string; readonly octaves: OctaveCount; readonly direction: Direction };
  /** The notes of a line typed before. */
  readonly notes: () => LineNoteDocument[];
}

/**
 * One kind of material: everything the rest of the application knows about it. `Value` is what documents carry. Data and pure
 * functions only.
 */
export interface MaterialPart<Value> {
  /** Of the value in documents. */
  readonly schema: TSchema & { readonly static: Value };
  /** What it is called in the sentence, the article before it, and how its key follows: "A scale in", "An arpeggio of". */
  readonly name: { readonly article: 'A' | 'An'; readonly noun: string; readonly lead: 'in' | 'of' | 'on' };
  /** The line it stands for. Refuses what cannot be spelled, an empty line, and one that is too long. */
  readonly read: (material: Value, rhythm: Rhythm) => Reading<Line>;
  /** What is played, in a few words: "A♭ major, three octaves, up". */
  readonly told: (material: Value) => string;
  /** The name of its tonic: "Ab". */
  readonly tonicName: (material: Value) => string;
  /** Its mode, as a signature is read: all minor scales are minor. */
  readonly mode: (material: Value) => KeyMode;
  /** The note on which it begins going up, as documents write it; null for a line. */
  readonly begins: (material: Value) => string | null;
  /** Its octaves and how it comes back; null for material that has neither. */
  readonly octaves: (material: Value) => OctavesOf | null;
  /** Every octave may have the same fingers. */
  readonly repeatsByOctave: boolean;
  /** The way down mirrors the way up, so that it may be fingered alike. */
  readonly comesBackAlike: boolean;
  /** What can be chosen of it besides tonic, octaves and direction. */
  readonly choices: readonly MaterialChoice<Value>[];
  /** Its beginning where another kind of material stood before. */
  readonly after: (before: MaterialBefore) => Value;
}
