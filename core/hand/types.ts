import type { Key } from '#core/key';
import type { KeyedStrings } from './keyed-strings.ts';
import type { HandSchool } from './school.ts';

/** The fingers of the left hand as players number them; `0` is the open string, `T` the thumb (cello, double bass). */
export const FINGERS = ['0', 'T', '1', '2', '3', '4'] as const;

/** A finger of the left hand; `0` is the open string, `T` the thumb. */
export type Finger = (typeof FINGERS)[number];

/**
 * The stance of the finger that plays in its hand.
 *
 * - `open`, `open-thumb`: an open string, the hand hovering (in thumb position); - `home`: at rest; - `reached-back`: the
 *   first finger reaches a semitone back, the others stay; - `low-first`: the first finger of violin or viola stands a semitone
 *   below where the key has it, on its own letter; - `reached-forward`: a finger reaches a semitone beyond home
 *   (violin, viola: the fourth; cello: the block of second to fourth finger; thumb position: the third); - `reached-out`: the
 *   fourth finger of violin or viola takes the letter beyond its own;
 * - `drawn-in`: a finger stands a semitone closer than at home; - `chromatic`: in a hand with one finger a semitone
 *   (violin, viola; cello above the neck and in thumb position); - `pivoted`: the double bass's hand rolled a semitone
 *   around its thumb; - `three-finger`: the high positions of cello and bass, without the fourth; - `thumb`: the thumb on
 *   the string; - `chromatic-thumb`: the same with one finger a semitone.
 */
export type Shape =
  | 'open'
  | 'open-thumb'
  | 'home'
  | 'low-first'
  | 'reached-back'
  | 'reached-forward'
  | 'reached-out'
  | 'drawn-in'
  | 'chromatic'
  | 'pivoted'
  | 'three-finger'
  | 'thumb'
  | 'thumb-reached'
  | 'chromatic-thumb';

/** A finger on one string. */
export interface StringStop {
  /** The index of the string: 0 for string I. */
  readonly stringIndex: number;
  /** The finger; 0 for the open string. */
  readonly finger: Finger;
  /** The place that the finger touches, semitones above the open string. */
  readonly semitonesAboveOpen: number;
  /** The sound there, semitones above the open string: the same, but for a natural harmonic, where the finger only touches. */
  readonly soundsAboveOpen: number;
  /** Whether it is touched lightly at a node instead of stopped. */
  readonly harmonic: boolean;
  /** The letter steps from the open string to the note as it is spelled: neighbouring letters lie under neighbouring fingers. */
  readonly letterSteps: number;
}

/** One way for the hand to play one note, or two or three together: the state of the search. */
export interface Placement extends StringStop {
  /**
   * The home of finger 1 (in thumb position: of the thumb) on this string, semitones above the open string; for an open string, where the
   * hand hovers.
   */
  readonly anchor: number;
  /**
   * The place of finger 1 on this string, semitones above it: where it plays, else where the key of the line puts it (violin, viola) or the
   * hand has it (cello, bass; in thumb position too). The hand's travel is measured by it.
   */
  readonly firstFinger: number;
  /** The semitones by which the first finger has taken the hand above where the key has it (violin, viola); 0 elsewhere. */
  readonly raised: number;
  /** The shape of the hand. */
  readonly shape: Shape;
  /**
   * The place of the second finger on the neck of the cello, and with it of the block of 2-3-4, on this string: a semitone above the first
   * finger or a tone (an open hand). Null for every other hand.
   */
  readonly block: number | null;
  /** The number of the hand: between two placements of one stance no shift is needed. */
  readonly stance: number;
  /**
   * The letter steps from the open string to the letter under finger 1 (0 half position, 1 first, …), which players of violin and viola
   * call the position. Null for cello and bass, where the anchor alone tells it.
   */
  readonly letterPosition: number | null;
  /** The upper note of a double stop, on a neighbouring string in the same frame; of a chord the middle one; null for a single note. */
  readonly upper: StringStop | null;
  /** The top note of a chord of three, on the next string; null for any other placement. */
  readonly top: StringStop | null;
  /**
   * The other finger of the same hand on the same string that sounds with an ornament or touches: the other note of a trill or mordent (an
   * open string where that is what sounds when the finger lifts), or the finger that touches a stopped harmonic.
   */
  readonly partner: StringStop | null;
}

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

/** The stop of an open string. */
export function openStop(stringIndex: number): StringStop {
  return { stringIndex, finger: '0', semitonesAboveOpen: 0, soundsAboveOpen: 0, harmonic: false, letterSteps: 0 };
}

/** Makes the stop of a finger on a string; the note is spelled as it is first written, or by the spelling it is fingered by. */
export function stopOf(
  { stringIndex, semitonesAboveOpen, letterSteps: spelled }: NoteOnString,
  finger: Finger,
  steps = spelled[0] ?? 0,
): StringStop {
  return { stringIndex, finger, semitonesAboveOpen, soundsAboveOpen: semitonesAboveOpen, harmonic: false, letterSteps: steps };
}

/** Takes one stop of a placement by itself, without what else the placement says. */
export function stopIn({ stringIndex, finger, semitonesAboveOpen, soundsAboveOpen, harmonic, letterSteps }: StringStop): StringStop {
  return { stringIndex, finger, semitonesAboveOpen, soundsAboveOpen, harmonic, letterSteps };
}

/** A hand as it stands, whichever of its fingers plays. */
export type StandingHand = Omit<Placement, keyof StringStop | 'upper' | 'top' | 'partner'>;

/**
 * Makes the placement of one finger of a hand on its string, or of the hand over an open string. The parts are named one by one, so that
 * all placements are objects of one kind: the search reads them by the million.
 */
export function placementOf(stop: StringStop, hand: StandingHand): Placement {
  return {
    stringIndex: stop.stringIndex,
    finger: stop.finger,
    semitonesAboveOpen: stop.semitonesAboveOpen,
    soundsAboveOpen: stop.soundsAboveOpen,
    harmonic: stop.harmonic,
    letterSteps: stop.letterSteps,
    anchor: hand.anchor,
    firstFinger: hand.firstFinger,
    raised: hand.raised,
    shape: hand.shape,
    block: hand.block,
    stance: hand.stance,
    letterPosition: hand.letterPosition,
    upper: null,
    top: null,
    partner: null,
  };
}

/** Lists the stops of a placement that sound together, from the lowest note: one, two of a double stop, or three of a chord. */
export function soundingIn(placement: Placement): readonly StringStop[] {
  const { upper, top } = placement;
  if (upper === null) return [placement];
  return top === null ? [placement, upper] : [placement, upper, top];
}

/** Tells whether a finger stands on the same place of the same string. */
export function sameStop(one: StringStop, other: StringStop): boolean {
  return one.stringIndex === other.stringIndex && one.finger === other.finger && one.semitonesAboveOpen === other.semitonesAboveOpen;
}

/** Tells whether two placements are written alike: on one string, with the same fingers. */
export function sameFingering(one: Placement, other: Placement | undefined): boolean {
  return (
    one.stringIndex === other?.stringIndex &&
    one.finger === other.finger &&
    one.upper?.finger === other.upper?.finger &&
    one.top?.finger === other.top?.finger
  );
}

/** Tells whether a line is fingered backward as it is forward: down as it went up. */
export function comesBack(placements: readonly Placement[]): boolean {
  return placements.every((placement, order) => sameFingering(placement, placements[placements.length - 1 - order]));
}

const NO_STOPS: readonly StringStop[] = [];

/** Lists the fingers of a placement that stop or touch a string, open strings left out. */
export function stopsIn(placement: Placement): readonly StringStop[] {
  const { upper, top, partner } = placement;
  if (upper === null && partner === null) return placement.finger === '0' ? NO_STOPS : [placement];
  return [placement, ...(upper ? [upper] : []), ...(top ? [top] : []), ...(partner ? [partner] : [])].filter(
    ({ finger }) => finger !== '0',
  );
}

/** Lists the fingers of one placement that still stand when another is set: those that it does not set again on the same string. */
export function standingBeside(standing: Placement, placed: Placement): readonly StringStop[] {
  const set = stopsIn(placed);
  return stopsIn(standing).filter((one) => !set.some((other) => other.stringIndex === one.stringIndex && other.finger === one.finger));
}

/** Gives the distance that the hand moves between two placements: by finger 1's place, semitones, upward positive. */
export function handMoves(from: Placement, to: Placement): number {
  return to.firstFinger - from.firstFinger;
}

/**
 * Tells whether going from one placement to the other is a shift: another hand in another place. Extensions, pivots and low or high fingers
 * keep their stance, and a move over no distance is no shift.
 */
export function isShift(from: Placement, to: Placement): boolean {
  return from.stance !== to.stance && handMoves(from, to) !== 0;
}

/** Tells whether the thumb stands on the string or hovers above it. */
export function inThumbPosition({ shape }: Placement): boolean {
  return shape === 'thumb' || shape === 'thumb-reached' || shape === 'chromatic-thumb' || shape === 'open-thumb';
}

/** Gives the players' order of the fingers from the nut up: the thumb, then 1 to 4; null for the open string. */
export function rankOf(finger: Finger): 0 | 1 | 2 | 3 | 4 | null {
  switch (finger) {
    case '0':
      return null;
    case 'T':
      return 0;
    case '1':
      return 1;
    case '2':
      return 2;
    case '3':
      return 3;
    case '4':
      return 4;
  }
}
