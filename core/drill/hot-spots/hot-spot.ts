/** The kinds of places that may be hard to play, by the work of the hand. */
export const HOT_SPOT_KINDS = [
  'shift',
  'crossing',
  'block',
  'augmented-second',
  'extension',
  'one-finger-semitone',
  'diagonal',
  'top',
] as const;

/**
 * The work of the hand at a hot spot.
 *
 * - `shift`: it goes to another position;
 * - `crossing`: it goes to another string above first position;
 * - `block`: its fingers land together on the string it comes down onto, from a stopped note;
 * - `augmented-second`: a tone and a half between neighbouring letters;
 * - `extension`: it opens beyond its frame;
 * - `one-finger-semitone`: one finger plays two notes a semitone apart;
 * - `diagonal`: one finger lies a semitone higher or lower than on the string next to it;
 * - `top`: the highest note, above first position.
 */
export type HotSpotKind = (typeof HOT_SPOT_KINDS)[number];

/** The purposes of a loop: a kind of hot spot, or (`note`) a note that is none by itself but was missed. */
export const LOOP_KINDS = [...HOT_SPOT_KINDS, 'note'] as const;

/** The purpose of a loop. */
export type LoopKind = (typeof LOOP_KINDS)[number];

/** A place that a loop is written for: the note it arrives on, and the notes of the loop, line indexes. */
export interface LoopPlace extends Pick<Place, 'note' | 'loop'> {
  /** The purpose of the loop. */
  readonly kind: LoopKind;
}

/** The direction of the line there; a shift goes up or down as the hand does. */
export type Way = 'up' | 'down';

/** A place of a plan that holds something hard, before it is judged. */
export interface Place {
  /** The work of the hand. */
  readonly kind: HotSpotKind;
  /** The line index of the note it arrives on. */
  readonly note: number;
  /** The direction of the line. */
  readonly way: Way;
  /** The line indexes of the fewest notes that contain it, in the order of the line. */
  readonly loop: readonly number[];
}

/** A reason why a hot spot is hard: measurements in their own units, and `points` for the order. */
export type SpotGround = {
  /** The weight of the reason among the others; no unit. */
  readonly points: number;
} & (
  | { readonly what: HotSpotKind }
  /** The distance that the hand goes, semitones and mm. */
  | { readonly what: 'travel'; readonly semitones: number; readonly mm: number }
  /** The speed of the hand at the tempo, mm per second. */
  | { readonly what: 'speed'; readonly mmPerSecond: number }
  /** The shift arrives on another string. */
  | { readonly what: 'other-string' }
  /** The shift arrives on the fourth finger, or goes from the first to the fourth. */
  | { readonly what: 'onto-fourth' | 'first-to-fourth' }
  /** Neither end has the first finger, and nothing puts it down on the way. */
  | { readonly what: 'loses-first' }
  /** The shift comes down: gravity and the thumb do not help. */
  | { readonly what: 'coming-down' }
  /** The shift goes inside a bow, where it is heard. */
  | { readonly what: 'heard' }
  /** The hand stands above first position. */
  | { readonly what: 'above-first' }
  /** The two notes under the finger are a tritone apart. */
  | { readonly what: 'tritone' }
  /** This number of fingers land together. */
  | { readonly what: 'fingers-together'; readonly fingers: number }
  /** The share of this hand's largest span that it takes, 0 to 1. */
  | { readonly what: 'reach'; readonly share: number }
  /** The player does not know the position yet. */
  | { readonly what: 'new-position'; readonly label: string }
  /** The share of tries at such a place that missed, 0 to 1. */
  | { readonly what: 'missed'; readonly share: number }
);

/** A hot spot: a place that is hard for this player, the reasons, and its weight among those of the plan. */
export interface HotSpot extends Place {
  /** The other kinds that happen on the same note, the hardest first. */
  readonly also: readonly HotSpotKind[];
  /** The reasons why it is hard, the weightiest first. */
  readonly grounds: readonly SpotGround[];
  /** The points of all reasons together, which make the order. */
  readonly points: number;
}

/** The record of places of one kind, passed in by whoever keeps it. */
export interface Tried {
  /** The kind of the places. */
  readonly kind: HotSpotKind;
  /** The direction of the places. */
  readonly way: Way;
  /** The share of tries that missed, 0 to 1. */
  readonly missedShare: number;
}

/** The facts about a player that are not in the plan. */
export interface KnownOfPlayer {
  /** The labels of the positions the player knows; null where that is not known. */
  readonly positions: readonly string[] | null;
  /** The record of tries. */
  readonly tried: readonly Tried[];
}

/** The facts about a player of whom only the plan is known: there are none. */
export const NOTHING_KNOWN: KnownOfPlayer = { positions: null, tried: [] };
