import type { Finger } from './fingers.ts';

/**
 * The stance of the finger that plays in its hand.
 *
 * - `open`, `open-thumb`: an open string, the hand hovering (in thumb position);
 * - `home`: at rest;
 * - `reached-back`: the first finger reaches a semitone back, the others stay;
 * - `low-first`: the first finger of violin or viola stands a semitone below where the key has it, on its own letter;
 * - `reached-forward`: a finger reaches a semitone beyond home (violin, viola: the fourth; cello: the block of second to fourth finger;
 *   thumb position: the third);
 * - `reached-out`: the fourth finger of violin or viola takes the letter beyond its own;
 * - `drawn-in`: a finger stands a semitone closer than at home;
 * - `chromatic`: in a hand with one finger a semitone (violin, viola; cello above the neck and in thumb position);
 * - `pivoted`: the double bass's hand rolled a semitone around its thumb;
 * - `three-finger`: the high positions of cello and bass, without the fourth;
 * - `thumb`: the thumb on the string;
 * - `chromatic-thumb`: the same with one finger a semitone.
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

/** The stop of an open string. */
export function openStop(stringIndex: number): StringStop {
  return { stringIndex, finger: '0', semitonesAboveOpen: 0, soundsAboveOpen: 0, harmonic: false, letterSteps: 0 };
}

/** A place on a string, with the spellings of the note there; the written one first. */
type SpelledPlace = Pick<StringStop, 'stringIndex' | 'semitonesAboveOpen'> & { readonly letterSteps: readonly number[] };

/** Makes the stop of a finger on a string; the note is spelled as it is first written, or by the spelling it is fingered by. */
export function stopOf(
  { stringIndex, semitonesAboveOpen, letterSteps: spelled }: SpelledPlace,
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
