/** What may be hard to play, by what the hand has to do. */
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
 * What the hand has to do at a hot spot.
 *
 * - `shift`: it goes to another position; - `crossing`: it goes to another string above first position; - `block`: its fingers land together
 * on the string it comes down onto, from a stopped note; - `augmented-second`: a tone and a half between neighbouring letters; -
 * `extension`: it opens beyond its frame; - `one-finger-semitone`: one finger plays two notes a semitone apart;
 * - `diagonal`: one finger lies a semitone higher or lower than on the string next to it; - `top`: the highest note, above first position.
 */
export type HotSpotKind = (typeof HOT_SPOT_KINDS)[number];

/** What a loop is written for: a hot spot, or (`note`) a note that is none by itself, because it was missed. */
export const LOOP_KINDS = [...HOT_SPOT_KINDS, 'note'] as const;

/** What a loop is written for. */
export type LoopKind = (typeof LOOP_KINDS)[number];

/** A place that a loop is written for: the note it arrives on, and the notes of the loop, line indexes. */
export interface LoopPlace extends Pick<Place, 'note' | 'loop'> {
  /** What for. */
  readonly kind: LoopKind;
}

/** Which way the line goes there; a shift goes up or down as the hand does. */
export type Way = 'up' | 'down';

/** A place of a plan that holds something hard, before it is judged. */
export interface Place {
  /** What the hand has to do. */
  readonly kind: HotSpotKind;
  /** Line index of the note it arrives on. */
  readonly note: number;
  /** Which way it goes. */
  readonly way: Way;
  /** Line indexes of the fewest notes that hold it, in the order of the line. */
  readonly loop: readonly number[];
}

/** What makes a hot spot hard, and by how much: what is measured is in its own units, `points` make the order. */
export type SpotGround = { readonly points: number } & (
  | { readonly what: HotSpotKind }
  /** How far the hand goes, semitones and mm. */
  | { readonly what: 'travel'; readonly semitones: number; readonly mm: number }
  /** How fast it must go at the tempo, mm per second. */
  | { readonly what: 'speed'; readonly mmPerSecond: number }
  /** It arrives on another string. */
  | { readonly what: 'other-string' }
  /** It arrives on the fourth finger, or goes from the first to the fourth. */
  | { readonly what: 'onto-fourth' | 'first-to-fourth' }
  /** Neither end has the first finger, and nothing puts it down on the way. */
  | { readonly what: 'loses-first' }
  /** It comes down: gravity and the thumb do not help. */
  | { readonly what: 'coming-down' }
  /** It goes inside a bow, where it is heard. */
  | { readonly what: 'heard' }
  /** The hand stands above first position. */
  | { readonly what: 'above-first' }
  /** The two notes under the finger are a tritone apart. */
  | { readonly what: 'tritone' }
  /** So many fingers land together. */
  | { readonly what: 'fingers-together'; readonly fingers: number }
  /** How much of this hand's largest span it takes, 0 to 1. */
  | { readonly what: 'reach'; readonly share: number }
  /** The player does not know the position yet. */
  | { readonly what: 'new-position'; readonly label: string }
  /** How many tries of such a place missed, 0 to 1. */
  | { readonly what: 'missed'; readonly share: number }
);

/** A hot spot: a place that is hard for this player, why, and how hard beside the others of the plan. */
export interface HotSpot extends Place {
  /** What else happens on the same note, the hardest first. */
  readonly also: readonly HotSpotKind[];
  /** Why it is hard, the weightiest first. */
  readonly grounds: readonly SpotGround[];
  /** Of all grounds together: makes the order. */
  readonly points: number;
}

/** What the record says of places of one kind: handed in by whoever keeps it. */
export interface Tried {
  /** What the places hold. */
  readonly kind: HotSpotKind;
  /** Which way they go. */
  readonly way: Way;
  /** How many tries missed, 0 to 1. */
  readonly missedShare: number;
}

/** What is known of the player beside the plan. */
export interface KnownOfPlayer {
  /** Labels of the positions the player knows; null where that is not known. */
  readonly positions: readonly string[] | null;
  /** What the record says. */
  readonly tried: readonly Tried[];
}

/** Nothing is known but what the plan says. */
export const NOTHING_KNOWN: KnownOfPlayer = { positions: null, tried: [] };
