import type { LeadingFinger } from '#core/brief';
import type { Finger } from '#core/hand/placement';
import type { PositionName } from '#core/hand';
import type { StringNumber } from '#core/instrument';

/** The note that a guiding finger passes on the way of a shift, before the new finger is added. */
export interface InBetweenNote {
  /** The finger that passes over it. */
  readonly finger: Finger;
  /** The string it lies on. */
  readonly string: StringNumber;
  /** The string's open note, documents' form. */
  readonly open: string;
  /** The sounding pitch, documents' form. */
  readonly pitch: string;
  /** The pitch as the instrument's player reads it, documents' form. */
  readonly written: string;
  /** The place on the string, semitones above the open note. */
  readonly semitonesAboveOpen: number;
  /** The same place as a length, mm from the nut. */
  readonly mmFromNut: number;
}

/** A way in which a player knows where a shift arrives; without an in-between note where nothing sounds on the way. */
export interface Guide {
  /** The kind: what leads the hand. */
  readonly kind: LeadingFinger | 'same-finger' | 'open-string' | 'substitution' | 'harmonic' | 'thumb';
  /** The note that is passed; null where none is. */
  readonly inBetween: InBetweenNote | null;
}

/** A move of the hand to another position. */
export interface Shift {
  /** The line index of the last stopped note before the move. */
  readonly from: number;
  /** The line index of the last note that sounds before the arrival: an open string, where the hand moves under one. */
  readonly before: number;
  /** The line index of the note it arrives on. */
  readonly to: number;
  /** The position that the hand leaves. */
  readonly fromPosition: PositionName;
  /** The position that it comes to. */
  readonly toPosition: PositionName;
  /** The finger that leaves. */
  readonly fromFinger: Finger;
  /** The finger that arrives. */
  readonly toFinger: Finger;
  /** The string that is left. */
  readonly fromString: StringNumber;
  /** The string it arrives on. */
  readonly toString: StringNumber;
  /** The distance that the hand moves: semitones of its anchor, upward positive. */
  readonly handSemitones: number;
  /** The distance that the hand moves along the string, mm, never negative. */
  readonly handMm: number;
  /** The places of finger 1 before and after, mm from the nut. */
  readonly firstFingerMm: readonly [from: number, to: number];
  /** The distance that the notes move: semitones, upward positive. */
  readonly noteSemitones: number;
  /** Whether the hand moves while an open string sounds, or in a rest. */
  readonly throughOpenString: boolean;
  /** Whether the hand moves in a rest. */
  readonly throughRest: boolean;
  /** Whether the hand moves inside a bow. */
  readonly underSlur: boolean;
  /** The time from the beginning of the last note before to the arrival, seconds; null without a tempo. */
  readonly seconds: number | null;
  /** The guides, the one to be followed first; empty where nothing guides the hand. */
  readonly guides: readonly Guide[];
  /** Whether the hand leaves and arrives without finger 1, and no guide puts it down on the way, so that it loses its place. */
  readonly losesFirst: boolean;
  /** Whether the teacher wants it heard, as an expressive slide. */
  readonly expressive: boolean;
  /** The mm that ten cents are at the place where it arrives. */
  readonly mmPerTenCents: number;
}
