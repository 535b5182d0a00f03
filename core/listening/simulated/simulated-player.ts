import type { Finger } from '#core/hand/placement';
import type { StringNumber } from '#core/instrument';

/** Something that goes otherwise than written, at a note by its order among the notes due. */
export type Slip =
  | { readonly kind: 'wrong'; readonly order: number; readonly semitones: number }
  | { readonly kind: 'left-out'; readonly order: number }
  | { readonly kind: 'repeated'; readonly order: number }
  | { readonly kind: 'late'; readonly order: number; readonly seconds: number }
  /** After the note, the player stops and begins again some notes earlier. */
  | { readonly kind: 'restart'; readonly order: number; readonly back: number };

/** The misses of a simulated player, cents, sharp positive; what belongs to a note is added up. */
export interface Misses {
  /** By the finger that plays. */
  readonly fingers: Readonly<Partial<Record<Finger, number>>>;
  /** By the string that it plays on. */
  readonly strings: Readonly<Partial<Record<StringNumber, number>>>;
  /** On arriving by a shift upward, and downward: an overshot shift downward is flat. */
  readonly shiftUp: number;
  readonly shiftDown: number;
  /** By the order among the notes due. */
  readonly notes: Readonly<Record<number, number>>;
}

/** A player who plays any plan with errors that are known: the stand-in for a pupil, and the truth that the reader is judged by. */
export interface SimulatedPlayer {
  /** The seed of all chance. */
  readonly seed: number;
  /** The spread of every stopped note around what it aims at, cents (standard deviation). */
  readonly spreadCents: number;
  /** The misses that are no chance. */
  readonly misses: Misses;
  /** The drift of the pitch from the first note to the last, cents, as of a player who goes sharp. */
  readonly driftCents: number;
  /** The vibrato: how far it goes to either side, cents, and how often, Hz; null for none. */
  readonly vibrato: { readonly cents: number; readonly hz: number } | null;
  /** Whether shifts are heard sliding. */
  readonly slides: boolean;
  /** The share by which the tempo wanders to either side. */
  readonly wander: number;
  /** The slips. */
  readonly slips: readonly Slip[];
}

/** A simulated player without any error. */
export const FAULTLESS: SimulatedPlayer = {
  seed: 1,
  spreadCents: 0,
  misses: { fingers: {}, strings: {}, shiftUp: 0, shiftDown: 0, notes: {} },
  driftCents: 0,
  vibrato: null,
  slides: false,
  wander: 0,
  slips: [],
};
