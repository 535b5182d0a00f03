import type { LeadingFinger } from '#core/brief';
import type { Finger, PositionName } from '#core/hand';
import type { StringNumber } from '#core/instrument';

/** What a guiding finger sounds on the way of a shift, before the new finger is added. */
export interface InBetweenNote {
  /** The finger that passes over it. */
  readonly finger: Finger;
  /** The string it lies on. */
  readonly string: StringNumber;
  /** The string's open note, documents' form. */
  readonly open: string;
  /** Sounding, and as the player reads it; documents' form. */
  readonly pitch: string;
  /** As the instrument's player reads it, documents' form. */
  readonly written: string;
  /** Where on the string. */
  readonly semitonesAboveOpen: number;
  /** The same as a length. */
  readonly mmFromNut: number;
}

/** How a player knows where a shift arrives; without an in-between note where nothing sounds on the way. */
export interface Guide {
  /** What leads the hand. */
  readonly kind: LeadingFinger | 'same-finger' | 'open-string' | 'substitution' | 'harmonic' | 'thumb';
  /** The note that is passed; null where none is. */
  readonly inBetween: InBetweenNote | null;
}

/** A move of the hand to another position. */
export interface Shift {
  /** Line index of the last stopped note before, and of the first after. */
  readonly from: number;
  /** Line index of the last note that sounds before the arrival: an open string, where the hand moves under one. */
  readonly before: number;
  /** Line index of the note it arrives on. */
  readonly to: number;
  /** Where the hand was. */
  readonly fromPosition: PositionName;
  /** Where it comes to. */
  readonly toPosition: PositionName;
  /** The finger that leaves. */
  readonly fromFinger: Finger;
  /** The finger that arrives. */
  readonly toFinger: Finger;
  /** The string that is left. */
  readonly fromString: StringNumber;
  /** The string it arrives on. */
  readonly toString: StringNumber;
  /** How far the hand moves: semitones of its anchor, upward positive, and mm along the string, never negative. */
  readonly handSemitones: number;
  /** How far the hand moves. */
  readonly handMm: number;
  /** From where to where finger 1 goes, mm from the nut. */
  readonly firstFingerMm: readonly [from: number, to: number];
  /** How far the notes move: semitones, upward positive. */
  readonly noteSemitones: number;
  /** The hand moves while an open string sounds, or in a rest. */
  readonly throughOpenString: boolean;
  /** The hand moves in a rest. */
  readonly throughRest: boolean;
  /** The hand moves inside a bow. */
  readonly underSlur: boolean;
  /** Time from the beginning of the last note before to the arrival, seconds; null without a tempo. */
  readonly seconds: number | null;
  /** The one to be followed first; empty where nothing guides the hand. */
  readonly guides: readonly Guide[];
  /** The hand leaves and arrives without finger 1, and no guide puts it down on the way: it loses its place. */
  readonly losesFirst: boolean;
  /** The teacher wants it heard, as an expressive slide. */
  readonly expressive: boolean;
  /** How many mm ten cents are where it arrives. */
  readonly mmPerTenCents: number;
}
