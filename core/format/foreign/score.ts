import type { Finger } from '#core/hand';
import type { ClefName, InstrumentKind } from '#core/instrument';
import type { Mark } from '#core/brief';
import type { Accent, Articulation, WrittenOrnament } from '#core/material/line';
import type { Pitch } from '#core/pitch';
import type { Fraction } from '#core/fraction';
import type { LeftOut } from './left-out.ts';

/** Music from elsewhere, read but not yet chosen from: parts, each measure by measure, in which several voices may sound. */
export interface ForeignScore {
  /** As it is headed; null where it has no title. */
  readonly title: string | null;
  /** In order; those without a pitched note too. */
  readonly parts: readonly ForeignPart[];
}

/** One part of it. */
export interface ForeignPart {
  /** As it is called; empty where it has no name. */
  readonly name: string;
  /** The string instrument it is for, by its name or clef. */
  readonly kind: InstrumentKind;
  /** In the order in which they are written. */
  readonly measures: readonly ForeignMeasure[];
}

/** One measure of a part. */
export interface ForeignMeasure {
  /** As it is numbered. */
  readonly label: string;
  /** How long it should be by its meter, whole notes. */
  readonly full: Fraction;
  /** How far what is in it reaches, whole notes. */
  readonly length: Fraction;
  /** The key it is in, documents' form. */
  readonly key: string;
  /** The meter it is in, "3/4". */
  readonly meter: string;
  /** A tempo that begins in it, quarter notes a minute; null for none. */
  readonly tempo: number | null;
  /** What is repeated. */
  readonly repeat: RepeatSigns;
  /** Notes and rests of all voices, each voice in its order. */
  readonly events: readonly ForeignEvent[];
  /** What of it cannot be kept, whatever is chosen; of one voice, or of the part. */
  readonly leftOut: readonly { readonly what: LeftOut; readonly voice: string | null }[];
}

/** Repeat signs at a measure. */
export interface RepeatSigns {
  /** A repeat begins with it. */
  readonly begins: boolean;
  /** A repeat ends with it: how often it is played altogether; 0 where none ends. */
  readonly times: number;
  /** The endings it belongs to, by their numbers; empty outside of any. */
  readonly endings: readonly number[];
}

/** No repeat at all. */
export const NO_REPEAT: RepeatSigns = { begins: false, times: 0, endings: [] };

/** A note or rest in its place. */
export interface ForeignEvent {
  /** The voice it belongs to: "1", or "2/5" for the fifth voice on the second staff. */
  readonly voice: string;
  /** From the beginning of its measure, whole notes. */
  readonly onset: Fraction;
  /** How long, whole notes; 0 for a grace note. */
  readonly duration: Fraction;
  /** What sounds; null for a rest. */
  readonly note: ForeignNote | null;
  /** The clef it is written in; null where none is told, or one that string players do not read. */
  readonly clef: ClefName | null;
}

/** What sounds at once, with what is written at it. */
export interface ForeignNote {
  /** Sounding pitches from the lowest. */
  readonly pitches: readonly Pitch[];
  /** The finger of each pitch; null where none is written. */
  readonly fingers: readonly (Finger | null)[];
  /** The string it is to be played on, 1 the highest; null where none is written. */
  readonly string: number | null;
  /** Whether it goes on in the next note of the same pitch. */
  readonly tied: boolean;
  /** Slurs that begin at it. */
  readonly slursBegin: number;
  /** Slurs that end at it. */
  readonly slursEnd: number;
  /** How long a grace note is as it is written; null for a note with time of its own. */
  readonly graceValue: Fraction | null;
  /** The accent at it; null for none. */
  readonly accent: Accent | null;
  /** The dot, wedge or line at it; null for none. */
  readonly articulation: Articulation | null;
  /** Trill or mordent. */
  readonly ornament: WrittenOrnament | null;
  /** Touched as a harmonic. */
  readonly harmonic: 'natural' | 'stopped' | null;
  /** The bow sign at it. */
  readonly bow: Mark['bow'] | null;
}
