import type { Sound } from '#core/listening';
import type { Finger } from '#core/hand/placement';
import type { StringNumber } from '#core/instrument';
import type { KnownSounds } from '#core/listening/along';
import type { TakeReading } from '#core/listening/reading';
import type { LivePlace } from '#core/listening/live';
import type { StandHearing, StandNow } from '#core/listening/stand';
import type { Flaw, PairNotes } from '#core/listening/simulated';
import type { NoteGroup } from '#core/practice/item';
import type { Plan } from '#core/plan/describe';

/** The samples a second at which takes are read: enough for the partials of the highest note. */
export const TAKE_RATE = 22_050;

/** The shifts that a simulated player misses. */
export type ShiftsMissed = 'both' | 'up' | 'down';

/** The fault of a simulated player. */
export type Fault =
  | { readonly kind: 'none' | 'landing' | 'drift' | 'vibrato' | 'slips' }
  | ({ readonly kind: 'finger'; readonly finger: Finger } & OutBy)
  | ({ readonly kind: 'string'; readonly string: StringNumber } & OutBy)
  | ({
      readonly kind: 'note';
      /** The line index. */
      readonly note: number;
    } & OutBy)
  | {
      readonly kind: 'shifts';
      readonly way: ShiftsMissed;
      /** The distance by which they stay beyond their place, cents, short negative. */
      readonly beyondCents: number;
    };

interface OutBy {
  /** The distance by which it is out, cents, sharp positive. */
  readonly cents: number;
}

/** The places in which a simulated player plays: silent, beside noise, or a room that rings. */
export const SIMULATED_PLACES = ['silence', 'noise', 'room'] as const;

/** A place in which a simulated player plays. */
export type SimulatedPlace = (typeof SIMULATED_PLACES)[number];

/** The task of a simulated player. */
export interface SimulatedTask {
  readonly fault: Fault;
  readonly place: SimulatedPlace;
  /** The sound along with it. */
  readonly along: KnownSounds;
  /** The seed of all chance. */
  readonly seed: number;
}

/** The circumstances in which a take is read. */
export interface ReadHow {
  /** The sound along with it. */
  readonly along: KnownSounds;
  /** The notes that were played, by line indexes, both inclusive; null for all. */
  readonly group: NoteGroup | null;
}

/** The interface of the worker that makes and reads takes. */
export interface TakeWorker {
  /** Lets a simulated player play a plan; the same for the same seed. */
  readonly simulate: (plan: Plan, task: SimulatedTask) => Sound;
  /** Renders two notes right or with a flaw. */
  readonly renderPair: (notes: PairNotes, flaw: Flaw | null, seed: number) => Sound;
  /** Reads a take of a plan, or of some of its notes, in which something known sounds along. */
  readonly read: (plan: Plan, sound: Sound, how: ReadHow) => TakeReading;
  /** Begins to follow a player through a plan, at a number of samples a second. */
  readonly beginLive: (plan: Plan, sampleRate: number) => void;
  /** Hears the next samples of the player who is followed. */
  readonly hearLive: (samples: Float32Array) => LivePlace;
  /** Begins to listen on the music stand. */
  readonly beginOnStand: (hearing: StandHearing) => void;
  /** Hears the next samples on the music stand. */
  readonly hearOnStand: (samples: Float32Array) => StandNow;
}
