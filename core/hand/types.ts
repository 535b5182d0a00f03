import type { Key } from '#core/key';
import type { KeyedStrings } from './keyed-strings.ts';
import type { HandSchool } from './school.ts';
import type { Finger, Placement } from '#core/hand/placement';

/** The question to a hand: a note on a string. */
export interface NoteOnString {
  /** The index of the string: 0 for string I. */
  readonly stringIndex: number;
  /** The place of the note, 1 or more: open strings are not asked of the hand. */
  readonly semitonesAboveOpen: number;
  /** The letter steps from the open string to the note, for each spelling that may be read into it; the written one first. */
  readonly letterSteps: readonly number[];
  /** Whether the note lies in a run of semitones, where a hand may set one finger a semitone whatever the letters. */
  readonly chromatic: boolean;
  /** The places at which the key of the line puts the letters. */
  readonly keyed: KeyedStrings;
}

/** A function that finds the placements of a stopped note on one string, in a fixed order; empty where no finger reaches it. */
export type PlacementsOf = (note: NoteOnString) => readonly Placement[];

/** A position as the instrument's players name it. */
export interface PositionName {
  /** The label: `"half"`, `"1"`, `"2"` … (violin, viola, cello), `"half"`, `"I"`, `"II"`, `"II-III"` … (double bass), or `"thumb"`. */
  readonly label: string;
  /** Whether the hand stands a semitone lower or higher than the plain form of the position. */
  readonly alteration: 'low' | 'high' | null;
  /** The note under the thumb, as the player reads it, which names thumb position; absent elsewhere. */
  readonly underThumb?: string;
}

/** The part of the string under the hand, between its outermost fingers. */
export interface Frame {
  /** The lowest finger, semitones above the open string. */
  readonly lowest: number;
  /** The highest finger, semitones above the open string. */
  readonly highest: number;
}

/** The place of a finger within its position when it is not at its plain place. */
export type FingerPlace = 'low' | 'high';

/** A hand on one kind of instrument: the placements it offers, the names of its positions, and the moves that count as a shift. */
export interface HandModel {
  /** The school that teaches the hand. */
  readonly school: HandSchool;
  /** The fingers this school sets, open string first. */
  readonly fingers: readonly Finger[];
  /** Position labels from the nut upward, for choosing limits. */
  readonly positionLabels: readonly string[];
  /** The same labels in the order in which pupils learn them. */
  readonly learningOrder: readonly string[];
  /** The highest anchor that this school reaches, semitones above the open string. */
  readonly highestAnchor: number;
  /** Lists all placements of a stopped note on one string, in a fixed order; empty when no finger of this school reaches it. */
  readonly placements: PlacementsOf;
  /**
   * Lists all placements of two stopped notes on neighbouring strings, in one frame; whether a hand can span them is checked elsewhere.
   * `wide` allows the distances of fingered octaves, where they are asked for.
   */
  readonly pairs: (lower: NoteOnString, upper: NoteOnString, wide: boolean) => readonly Placement[];
  /** Lists the hands that may hover while an open string sounds, up to an anchor (inclusive). */
  readonly hoverings: (stringIndex: number, highestAnchor: number, keyed: KeyedStrings) => readonly Placement[];
  /** Names a position; where two names are usual, the key's sharps or flats decide. */
  readonly positionName: (placement: Placement, key: Key) => PositionName;
  /** Lists every label that limits may use for this place: a number covers its lowered and raised form. */
  readonly labelsOf: (placement: Placement) => readonly string[];
  /** Tells whether one hand, standing still, can play both at different moments: all that a stay covers. Asked of one stance. */
  readonly inOneFrame: (one: Placement, other: Placement) => boolean;
  /**
   * Tells whether one hand that stays comes from one placement straight to the other, as far as its fingers bind each other then. Asked of
   * one stance.
   */
  readonly comesTo: (from: Placement, to: Placement) => boolean;
  /** Tells whether a finger newly placed fits another where it stood last: distance and order on one string. Asked of one stance. */
  readonly fitsBeside: (standing: Placement, placed: Placement) => boolean;
  /** Gives the frame from the lowest to the highest place under the hand at rest and the fingers that play. */
  readonly frameOf: (placement: Placement) => Frame;
  /**
   * Gives the frame from the lowest to the highest finger that must stand at once for this placement: the reach it needs along the string.
   */
  readonly needOf: (placement: Placement) => Frame;
  /** Gives the places of first and second finger where the shape opens them beyond a semitone; null elsewhere, and on violin and viola. */
  readonly firstToSecond: (placement: Placement) => readonly [number, number] | null;
  /**
   * Gives the place of a finger on a string in the hand of a placement, semitones above the open string; null where the school does not set
   * that finger.
   */
  readonly standsAt: (finger: Finger, placement: Placement, where: StringInKey) => number | null;
  /** Tells whether a finger is low or high within the position; null at the plain place or where the hand does not say so. */
  readonly fingerPlace: (placement: Placement) => FingerPlace | null;
}

/** A string, with the places at which the key of the line puts the letters on it. */
export interface StringInKey {
  /** The index of the string: 0 for string I. */
  readonly stringIndex: number;
  /** The places at which the key puts the letters. */
  readonly keyed: KeyedStrings;
}
