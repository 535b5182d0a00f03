import type { Finger } from '#core/hand/placement';
import type { StringNumber } from '#core/instrument';

/** The place of a slip. */
interface AtNote {
  /** The order of its note among the notes due, from 0. */
  readonly order: number;
}

/** Something that is not played as it is written: another note, one left out or played twice, one that comes late, a new start. */
export type Slip = AtNote &
  (
    | { readonly kind: 'left-out' | 'repeated' }
    | {
        readonly kind: 'wrong';
        /** The distance of the note that is played, semitones, upward positive. */
        readonly semitones: number;
      }
    | {
        readonly kind: 'late';
        /** The wait before it, seconds. */
        readonly seconds: number;
      }
    | {
        readonly kind: 'restart';
        /** The number of notes by which the player goes back after it. */
        readonly back: number;
      }
  );

/** The misses of a simulated player, cents, sharp positive; what belongs to a note is added up. */
export interface Misses {
  /** By the finger that plays. */
  readonly fingers: Readonly<Partial<Record<Finger, number>>>;
  /** By the string that it plays on. */
  readonly strings: Readonly<Partial<Record<StringNumber, number>>>;
  /** On arriving by a shift upward. */
  readonly shiftUp: number;
  /** On arriving by a shift downward: one that is overshot is flat. */
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
  /**
   * The way in which a shift arrives: how far beyond its goal it lands, cents in the direction of the shift, short negative, and the time in
   * which it is corrected, seconds; null where it lands at once.
   */
  readonly landing: { readonly beyondCents: number; readonly correctedIn: number } | null;
  /** The share by which the tempo wanders to either side. */
  readonly wander: number;
  /** Everything that is not played as it is written. */
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
  landing: null,
  wander: 0,
  slips: [],
};
