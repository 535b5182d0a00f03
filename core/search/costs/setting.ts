import type { HandModel, Placement } from '#core/hand';
import type { PlayerHand } from '#core/hand/reach';
import type { Instrument } from '#core/instrument';
import type { Weights } from '#core/weights';

/** What the costs are measured against. */
export interface CostSetting {
  /** The instrument played. */
  readonly instrument: Instrument;
  /** The hand that plays it. */
  readonly hand: HandModel;
  /** The player's measured hand; null when none was given, which then limits and costs nothing on single notes. */
  readonly playerHand: PlayerHand | null;
  /** What everything costs. */
  readonly weights: Weights;
  /**
   * Violin and viola: positions, by their letter, in which this line is at home though they are not the first, because they hold
   * it whole and the first does not.
   */
  readonly homes: ReadonlySet<number>;
  /** mm from the nut of every whole semitone on the fingerboard, by semitone: calculated once, read for every step. */
  readonly placesMm: readonly number[];
}

/** What lies between two notes that follow each other. */
export interface Gap {
  /** A rest stands between them. */
  readonly rest: boolean;
  /** Both are played in one bow. */
  readonly slurred: boolean;
  /** From the beginning of the first to the beginning of the second, seconds; null without a tempo. */
  readonly seconds: number | null;
  /** One of the two is a pedal, the pitch of an open string that the line keeps coming back to, or both are: the bow rocks. */
  readonly rocks: boolean;
  /** An octave apart, between single notes, where broken octaves follow each other; one leap of an octave is a leap like others. */
  readonly octave: boolean;
  /** From octave to octave or tenth to tenth, as double stops or broken octaves: they keep one frame. */
  readonly octaveRow: boolean;
  /** From third to third, as double stops. */
  readonly thirds: boolean;
  /** Both notes lie in a run of semitones, where a finger may leave its letter. */
  readonly semitones: boolean;
}

/** What a note is in its line, as far as costs ask. */
export interface NoteRole {
  /** The first of the line. */
  readonly first: boolean;
  /** The last of the line. */
  readonly last: boolean;
  /** Long, or the top of the line: a note that wants a strong finger. */
  readonly hard: boolean;
  /** The pitch of an open string that the line keeps coming back to (bariolage, broken chords): it wants to ring. */
  readonly pedal: boolean;
  /** Of a pitch that an open string has, which way the line comes to it; null for any other, or where both ways cost alike. */
  readonly openWay: 'up' | 'down' | null;
  /** In a run of semitones. */
  readonly chromatic: boolean;
  /** The notes before and after it are one pitch that an open string has: the line turns here. */
  readonly turns: boolean;
}

/** Going from one placement to the next. */
export interface Step {
  /** Where the hand comes from. */
  readonly from: Placement;
  /** Where it goes. */
  readonly to: Placement;
  /** What lies between the two notes. */
  readonly gap: Gap;
}
