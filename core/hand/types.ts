import type { Key } from '#core/pitch';
import type { School } from './schema.ts';

/** The fingers of the left hand as players number them; `0` is the open string. */
export const FINGERS = ['0', '1', '2', '3', '4'] as const;

/** A finger of the left hand; `0` is the open string. */
export type Finger = (typeof FINGERS)[number];

/**
 * How the hand stands while a note is played.
 *
 * - `open`: an open string, the hand hovering; - `home`: the shape at rest; - `reached-back`: the first finger reaches a
 *   semitone back, the hand stays; - `reached-forward`: a finger reaches a semitone beyond home (violin, viola: the
 *   fourth; cello: the hand opens, second to fourth finger a semitone further); - `drawn-in`: a finger stands a
 *   semitone closer than at home; - `three-finger`: the high positions of cello and bass, without the fourth.
 */
export type Shape = 'open' | 'home' | 'reached-back' | 'reached-forward' | 'drawn-in' | 'three-finger';

/** One way for the hand to play one note: the state of the search. */
export interface Placement {
  /** 0 for string I. */
  readonly stringIndex: number;
  readonly finger: Finger;
  readonly semitonesAboveOpen: number;
  /** Semitone above the open string at which finger 1 is at home; for an open string, where the hand hovers. */
  readonly anchor: number;
  readonly shape: Shape;
  /**
   * Violin and viola: letter steps from the open string to the letter under finger 1 (0 half position, 1 first, …),
   * which is what players call the position. Null for cello and bass, where the anchor alone tells it.
   */
  readonly letterPosition: number | null;
}

/** What a hand is asked: a note on a string. */
export interface NoteOnString {
  readonly stringIndex: number;
  /** 1 or more: open strings are not asked of the hand. */
  readonly semitonesAboveOpen: number;
  /** Letter steps from the open string to the note, for each spelling that may be read into it; the written one first. */
  readonly letterSteps: readonly number[];
}

/** A position as the instrument's players name it. */
export interface PositionName {
  /** `"half"`, `"1"`, `"2"` … (violin, viola, cello) or `"half"`, `"I"`, `"II"`, `"II-III"` … (double bass). */
  readonly label: string;
  /** Whether the hand stands a semitone lower or higher than the plain form of the position. */
  readonly alteration: 'low' | 'high' | null;
}

/** The stretch of string under the hand: semitones above the open string of its outermost fingers. */
export interface Frame {
  readonly lowest: number;
  readonly highest: number;
}

/** Where a finger stands within its position when it is not at its plain place. */
export type FingerPlace = 'low' | 'high';

/** A hand on one kind of instrument: which placements it offers, how its positions are called, what counts as a shift. */
export interface HandModel {
  readonly school: School;
  /** Position labels from the nut upward, for choosing limits. */
  readonly positionLabels: readonly string[];
  /** The highest anchor this school reaches. */
  readonly highestAnchor: number;
  /** All placements of a stopped note on one string, in a fixed order; empty when no finger of this school reaches it. */
  readonly placements: (note: NoteOnString) => readonly Placement[];
  /** Where the hand may hover while an open string sounds, up to an anchor (inclusive). */
  readonly hoverings: (stringIndex: number, highestAnchor: number) => readonly Placement[];
  /** The position's name; where two are usual, the key's sharps or flats decide. */
  readonly positionName: (placement: Placement, key: Key) => PositionName;
  /** Every label this place may be called by, for limits: a number covers its lowered and raised form. */
  readonly labelsOf: (placement: Placement) => readonly string[];
  /** Whether going from one placement to the other is a shift in this hand (extensions and low fingers are not). */
  readonly isShift: (from: Placement, to: Placement) => boolean;
  readonly frameOf: (placement: Placement) => Frame;
  /** Low or high within the position, null at the plain place or where the hand does not say so. */
  readonly fingerPlace: (placement: Placement) => FingerPlace | null;
}
