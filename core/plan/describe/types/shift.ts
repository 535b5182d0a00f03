import type { Finger, PositionName } from '#core/hand';
import type { StringNumber } from '#core/instrument';

/** What a guiding finger sounds on the way of a shift, before the new finger is added. */
export interface InBetweenNote {
  readonly finger: Finger;
  readonly string: StringNumber;
  readonly open: string;
  /** Sounding, and as the player reads it; documents' form. */
  readonly pitch: string;
  readonly written: string;
  readonly semitonesAboveOpen: number;
  readonly mmFromNut: number;
}

/** How a player knows where a shift arrives; without an in-between note where nothing sounds on the way. */
export interface Guide {
  readonly kind: 'old-finger' | 'new-finger' | 'first-finger' | 'same-finger' | 'open-string' | 'substitution';
  readonly inBetween: InBetweenNote | null;
}

/** A move of the hand to another position. */
export interface Shift {
  /** Line index of the last stopped note before, and of the first after. */
  readonly from: number;
  readonly to: number;
  readonly fromPosition: PositionName;
  readonly toPosition: PositionName;
  readonly fromFinger: Finger;
  readonly toFinger: Finger;
  readonly fromString: StringNumber;
  readonly toString: StringNumber;
  /** How far the hand moves: semitones of its anchor, upward positive, and mm along the string, never negative. */
  readonly handSemitones: number;
  readonly handMm: number;
  /** How far the notes move: semitones, upward positive. */
  readonly noteSemitones: number;
  /** The hand moves while an open string sounds, or in a rest. */
  readonly throughOpenString: boolean;
  readonly throughRest: boolean;
  readonly underSlur: boolean;
  /** Time from the beginning of the last note before to the arrival, seconds; null without a tempo. */
  readonly seconds: number | null;
  /** Likeliest first; empty where nothing guides the hand. */
  readonly guides: readonly Guide[];
  /** How many mm ten cents are where it arrives. */
  readonly mmPerTenCents: number;
}
