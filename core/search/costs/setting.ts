import type { Placement } from '#core/hand/placement';
import type { HandModel } from '#core/hand';
import type { PlayerHand } from '#core/hand/reach';
import type { Instrument } from '#core/instrument';
import type { Weights } from '#core/weights';

/** The values with which costs are calculated. */
export interface CostSetting {
  /** The instrument played. */
  readonly instrument: Instrument;
  /** The hand that plays it. */
  readonly hand: HandModel;
  /** The player's measured hand; null when none was given: then it limits single notes in nothing and costs them nothing. */
  readonly playerHand: PlayerHand | null;
  /** The prices of everything that the hand does, for this instrument and player. */
  readonly weights: Weights;
  /**
   * The positions, by their letter, in which this line is at home though they are not the first, because they hold it whole and the first
   * does not; violin and viola.
   */
  readonly homes: ReadonlySet<number>;
  /** The places of every whole semitone on the fingerboard, mm from the nut: calculated once, read for every step. */
  readonly placesMm: readonly number[];
}

/** The relation between two notes that follow each other. */
export interface Gap {
  /** Whether a rest stands between them. */
  readonly rest: boolean;
  /** Whether both are played in one bow. */
  readonly slurred: boolean;
  /** The time from the beginning of the first to the beginning of the second, seconds; null without a tempo. */
  readonly seconds: number | null;
  /** Whether one of the two is a pedal, the pitch of an open string to which the line keeps returning, or both are: the bow rocks. */
  readonly rocks: boolean;
  /** Whether they are single notes an octave apart, where broken octaves follow each other; one leap of an octave is a leap like others. */
  readonly octave: boolean;
  /** Whether they go from octave to octave or tenth to tenth, as double stops or broken octaves, which keep one frame. */
  readonly octaveRow: boolean;
  /** Whether they go from third to third, as double stops. */
  readonly thirds: boolean;
  /** Whether both lie in a run of semitones, where a finger may leave its letter. */
  readonly semitones: boolean;
}

/** The role of a note in its line, as far as costs need it. */
export interface NoteRole {
  /** Whether it is the first of the line. */
  readonly first: boolean;
  /** Whether it is the last of the line. */
  readonly last: boolean;
  /** Whether it is long, or the top of the line: a note that wants a strong finger. */
  readonly hard: boolean;
  /** Whether it is the pitch of an open string to which the line keeps returning (bariolage, broken chords), so that it wants to ring. */
  readonly pedal: boolean;
  /** The direction in which the line comes to a pitch that an open string has; null for any other, or where both ways cost alike. */
  readonly openWay: 'up' | 'down' | null;
  /** Whether it lies in a run of semitones. */
  readonly chromatic: boolean;
  /** Whether the notes before and after it are one pitch that an open string has: the line turns here. */
  readonly turns: boolean;
}

/** A step from one placement to the next. */
export interface Step {
  /** The placement that the hand leaves. */
  readonly from: Placement;
  /** The placement to which it goes. */
  readonly to: Placement;
  /** The relation between the two notes. */
  readonly gap: Gap;
}
