import type { Finger } from '#core/hand/placement';
import type { ClefName, InstrumentKind } from '#core/instrument';
import type { Mark } from '#core/brief';
import type { Accent, Articulation, WrittenOrnament } from '#core/material/line';
import type { Pitch } from '#core/pitch';
import type { Fraction } from '#core/fraction';
import type { LeftOut } from './left-out.ts';

/** A string as it is written: by its number, 1 the highest, or by the letter of its open note. */
export type WrittenString =
  /** The number of the string, 1 or more. */
  | { readonly number: number }
  /** The letter of its open note, A to G. */
  | { readonly letter: string };

/** A position as it is written: numbered, where it has two numbers between them. */
export type WrittenPosition = 'half' | 'thumb' | PositionNumbers;

/** The number of a position; two numbers where it lies between two, as on the double bass. */
export interface PositionNumbers {
  /** The lower number, 1 or more. */
  readonly from: number;
  /** The higher number; the same where there is one. */
  readonly to: number;
}

/** Foreign music, read but not yet chosen from: parts, each measure by measure, in which several voices may sound. */
export interface ForeignScore {
  /** The title; null where it has none. */
  readonly title: string | null;
  /** The parts in order, those without a pitched note too. */
  readonly parts: readonly ForeignPart[];
}

/** One part of it. */
export interface ForeignPart {
  /** The name of the part; empty where it has none. */
  readonly name: string;
  /** The string instrument it is for, by its name or clef. */
  readonly kind: InstrumentKind;
  /** The open strings that are tuned differently from usual, by the number of the string; empty for none. Sounding, documents' form. */
  readonly retuned: ReadonlyMap<number, string>;
  /** The measures in the order in which they are written. */
  readonly measures: readonly ForeignMeasure[];
}

/** One measure of a part. */
export interface ForeignMeasure {
  /** The number of the measure as it is written. */
  readonly label: string;
  /** The length that its meter gives it, whole notes. */
  readonly full: Fraction;
  /** The length of its content, whole notes. */
  readonly length: Fraction;
  /** The key, documents' form. */
  readonly key: string;
  /** The meter: "3/4". */
  readonly meter: string;
  /** A tempo that begins in it, quarter notes a minute; null for none. */
  readonly tempo: number | null;
  /** The repeat signs. */
  readonly repeat: RepeatSigns;
  /** The notes and rests of all voices, each voice in its order. */
  readonly events: readonly ForeignEvent[];
  /** The things in it that cannot be kept, whatever is chosen; of one voice, or of the part. */
  readonly leftOut: readonly { readonly what: LeftOut; readonly voice: string | null }[];
}

/** Repeat signs at a measure. */
export interface RepeatSigns {
  /** Whether a repeat begins with it. */
  readonly begins: boolean;
  /** The number of times that the repeat which ends with it is played; 0 where none ends. */
  readonly times: number;
  /** The numbers of the endings it belongs to; empty outside of any. */
  readonly endings: readonly number[];
}

/** A measure without repeat signs. */
export const NO_REPEAT: RepeatSigns = { begins: false, times: 0, endings: [] };

/** A note or rest in its place. */
export interface ForeignEvent {
  /** The voice it belongs to: "1", or "2/5" for the fifth voice on the second staff. */
  readonly voice: string;
  /** The onset, in whole notes from the beginning of its measure. */
  readonly onset: Fraction;
  /** The length, in whole notes; 0 for a grace note. */
  readonly duration: Fraction;
  /** The note; null for a rest. */
  readonly note: ForeignNote | null;
  /** The clef it is written in; null where none is given, or one that string players do not read. */
  readonly clef: ClefName | null;
}

/** The pitches that sound at once, with the signs at them. */
export interface ForeignNote {
  /** The sounding pitches, from the lowest. */
  readonly pitches: readonly Pitch[];
  /** The finger of each pitch; null where none is written. */
  readonly fingers: readonly (Finger | null)[];
  /** The other finger that is left to the player at its lowest pitch; null for none. */
  readonly alternate: Finger | null;
  /** The finger that takes the note over while it sounds; null for none. */
  readonly takenOverBy: Finger | null;
  /** The string it is to be played on, by its number or its open note; null where none is written. */
  readonly string: WrittenString | null;
  /** The position in which it is to be played; null where none is written. */
  readonly position: WrittenPosition | null;
  /** Whether it goes on in the next note of the same pitch. */
  readonly tied: boolean;
  /** Slurs that begin at it. */
  readonly slursBegin: number;
  /** Slurs that end at it. */
  readonly slursEnd: number;
  /** The written length of a grace note; null for a note with time of its own. */
  readonly graceValue: Fraction | null;
  /** The accent at it; null for none. */
  readonly accent: Accent | null;
  /** The dot, wedge or line at it; null for none. */
  readonly articulation: Articulation | null;
  /** The trill or mordent at it; null for none. */
  readonly ornament: WrittenOrnament | null;
  /** Whether it is touched as a harmonic. */
  readonly harmonic: 'natural' | 'stopped' | null;
  /** The bow sign at it. */
  readonly bow: Mark['bow'] | null;
}
