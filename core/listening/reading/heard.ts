import type { HeardInterval, VoiceTrack } from '#core/listening/voices';
import type { HeardArrival } from './arrival.ts';

/** One voice of a note that was heard. */
export interface HeardVoice {
  /**
   * The distance from the note aimed at, cents, sharp positive; of a wrong note from the note that is heard. Null where two voices hide each
   * other.
   */
  readonly cents: number | null;
  /** The swing of its vibrato to either side, cents; 0 for none. In a double stop none is looked for. */
  readonly vibrato: number;
  /** The change of its pitch from beginning to end, cents. */
  readonly drift: number;
  /** Its pitch over time, of a voice of a double stop, seconds from the beginning of the take; null where it is not told apart. */
  readonly track: VoiceTrack | null;
}

/** A note that was heard. */
export interface HeardNote {
  /** Its order among the notes due. */
  readonly order: number;
  /** The beginning, seconds; in a slur or a slide it is where the pitch arrives. */
  readonly at: number;
  /** The end, seconds. */
  readonly until: number;
  /** Whether this note due was heard before in the take. */
  readonly again: boolean;
  /** The semitones by which another note is heard in its place; 0 for the right one. */
  readonly wrongBy: number;
  /** Its voices, in the order of the sounds due. */
  readonly voices: readonly HeardVoice[];
  /** The interval of two voices; null for a single note. */
  readonly interval: HeardInterval | null;
  /** The way in which it was reached by a shift within one bow; null for every other note, and where that cannot be followed. */
  readonly arrival: HeardArrival | null;
  /** The certainty of the reading, 0 … 1. */
  readonly confidence: number;
}

/** The pitch of a take over time. */
export interface PitchTrace {
  /** The time from one value to the next, seconds; the first is at nothing. */
  readonly every: number;
  /** The pitch, cents above A4 at 440 Hz; not a number where none is heard. */
  readonly cents: Float32Array;
}

/** A take read against the notes due. */
export interface TakeReading {
  /** The notes that were heard, in time. */
  readonly heard: readonly HeardNote[];
  /** The orders of the notes due that were not heard. */
  readonly leftOut: readonly number[];
  /** The pitch over time; of two voices no more than where they sound as one. */
  readonly trace: PitchTrace;
}
