import type { TSchema } from '@sinclair/typebox';
import type { PartControl, PartSetting } from '#core/brief/parts';
import type { Finger, Placement } from '#core/hand/placement';
import type { Reading } from '#core/result';

/** The lock of a teacher on one note, read; null leaves a choice to the engine. */
export interface NoteLock {
  /** The index of the string: 0 for string I. */
  readonly stringIndex: number | null;
  /** The finger; of a double stop, the finger of the lower note. */
  readonly finger: Finger | null;
  /** The finger of the upper note of a double stop; string and finger are then those of the lower note. */
  readonly upperFinger: Finger | null;
  /** The finger of the top note of a chord; null for any. */
  readonly topFinger: Finger | null;
  /** The label of a position. */
  readonly position: string | null;
}

/** A limit as the search applies it. A field that is absent applies nothing. */
export interface LimitRule {
  /** Tells whether one placement keeps the limit. A lock may go before the limit. */
  readonly keeps?: (placement: Placement, lock: NoteLock | null) => boolean;
  /** Narrows the placements that every limit leaves to those this limit prefers; `first` is true for the first note of the line. */
  readonly narrows?: (placements: readonly Placement[], first: boolean) => readonly Placement[];
  /** The exact number of shifts in the whole line. */
  readonly exactShifts?: number;
  /** Whether natural harmonics may be chosen. */
  readonly harmonics?: boolean;
  /** Whether it prescribes where the hand stands, so that nothing else may bound how high it goes. */
  readonly prescribesPlaces?: boolean;
  /** The strings that may be used: 0 for string I. */
  readonly strings?: readonly number[];
}

/** One smaller step than lifting a limit: the value it becomes, and the words for the step ("with third position allowed too"). */
export interface LimitStep<Value> {
  /** The limit after the step. */
  readonly value: Value;
  /** The words for what was given up, as they follow "It can be played". */
  readonly words: string;
}

/** The smaller steps of a limit. */
export interface LimitSteps<Value> {
  /** The steps in the order in which they are tried. */
  readonly steps: readonly LimitStep<Value>[];
  /** Whether every step that helps is compared, or only the first is taken. */
  readonly weigh: 'every' | 'first';
}

/** The words for a limit. */
export interface LimitWords<Value> {
  /** The name of the limit: "Positions". */
  readonly name: string;
  /** The words for no limit, in the sentence: "any position". */
  readonly none: string;
  /** Writes the limit in the sentence: "first position", "positions 1, 3". */
  readonly inSentence: (value: Value) => string;
  /** Writes the limit as one of the things asked for: "only first position". */
  readonly asked: (value: Value) => string;
  /** Writes the limit in print: "positions 1"; empty where it says nothing. */
  readonly inPrint: (value: Value) => string;
  /** Writes what the limit excludes, in a message: "positions allowed". */
  readonly leftOut: string;
  /** The limit as a whole, as it follows "without": "the limit on positions". */
  readonly whole: string;
}

/** The place of a placement, in words. */
export interface NamedPlace {
  /** The name of the string: "D". */
  readonly string: string;
  /** The words for the position: "third position". */
  readonly position: string;
}

/**
 * One limit, with everything the rest of the application knows about it. `Value` is what documents carry. A part is data and pure
 * functions; it names the kind of control it wants, and the interface makes it.
 */
export interface LimitPart<Value> {
  /** The schema of the value in documents. */
  readonly schema: TSchema & { readonly static: Value };
  /** Reads the value for an instrument and a hand; refuses what they do not have. */
  readonly read: (value: Value, setting: PartSetting) => Reading<LimitRule>;
  /** Says what it would take to play a note this way, when the limit excludes it; absent for limits that exclude no single placement. */
  readonly need?: (placement: Placement, place: NamedPlace) => string;
  /** The smaller steps that may be tried before the limit is lifted as a whole. */
  readonly smallerSteps: (value: Value, setting: PartSetting) => LimitSteps<Value>;
  /** The words for the limit. */
  readonly words: LimitWords<Value>;
  /** The control it wants. */
  readonly control: PartControl<Value>;
  /**
   * The place of the limit on the page: in the sentence, with the words that lead to it, or among the rules, where it is written only when
   * it is set.
   */
  readonly stands: { readonly in: 'sentence'; readonly lead: string } | { readonly in: 'rules' };
  /** Whether it comes with the player's profile, so that its changes are told with the player. */
  readonly ofPlayer?: boolean;
}

/** The steps of a limit that either holds or is lifted. */
export const NO_STEPS: LimitSteps<never> = { steps: [], weigh: 'every' };
