import type { TSchema } from '@sinclair/typebox';
import type { PartControl, PartSetting } from '#core/brief/parts';
import type { Finger, Placement } from '#core/hand';
import type { Reading } from '#core/result';

/** What the teacher locked for one note, read; null leaves it to the engine. */
export interface NoteLock {
  /** 0 for string I. */
  readonly stringIndex: number | null;
  /** Of the lower note of a double stop. */
  readonly finger: Finger | null;
  /** The finger of the upper note of a double stop; string and finger are then those of the lower. */
  readonly upperFinger: Finger | null;
  /** The finger of the top note of a chord; null for any. */
  readonly topFinger: Finger | null;
  /** The label of a position. */
  readonly position: string | null;
}

/** A limit as the search asks of it. What is absent it does not do. */
export interface LimitRule {
  /** Whether one placement keeps it. A lock may go before the limit. */
  readonly keeps?: (placement: Placement, lock: NoteLock | null) => boolean;
  /** Of the placements that every limit leaves, those it wants; `first`: of the first note of the line. */
  readonly narrows?: (placements: readonly Placement[], first: boolean) => readonly Placement[];
  /** Exactly so many shifts in the whole line. */
  readonly exactShifts?: number;
  /** Natural harmonics may be chosen. */
  readonly harmonics?: boolean;
  /** It prescribes where the hand stands, so nothing else may bound how high it goes. */
  readonly prescribesPlaces?: boolean;
  /** The strings that may be used, 0 for string I. */
  readonly strings?: readonly number[];
}

/** One smaller step than lifting a limit: the value it becomes, and what that is called ("with third position allowed too"). */
export interface LimitStep<Value> {
  /** The limit after the step. */
  readonly value: Value;
  /** What was given up, as it follows "It can be played". */
  readonly words: string;
}

/** The smaller steps of a limit. */
export interface LimitSteps<Value> {
  /** In the order in which they are tried. */
  readonly steps: readonly LimitStep<Value>[];
  /** Whether every step that helps is weighed, or only the first. */
  readonly weigh: 'every' | 'first';
}

/** What a limit is called. */
export interface LimitWords<Value> {
  /** Its name: "Positions". */
  readonly name: string;
  /** No limit, in the sentence: "any position". */
  readonly none: string;
  /** The limit in the sentence: "first position", "positions 1, 3". */
  readonly told: (value: Value) => string;
  /** The limit as one of the things asked for: "only first position". */
  readonly asked: (value: Value) => string;
  /** The limit in print: "positions 1"; empty where it says nothing. */
  readonly printed: (value: Value) => string;
  /** What a brief leaves out by it, in a message: "positions allowed". */
  readonly leftOut: string;
  /** The limit as a whole, as it follows "without": "the limit on positions". */
  readonly whole: string;
}

/** Where a placement lies, in words. */
export interface NamedPlace {
  /** The name of its string: "D". */
  readonly string: string;
  /** The words of its position: "third position". */
  readonly position: string;
}

/**
 * One limit: everything the rest of the application knows about it. `Value` is what documents carry. Data and pure functions; the
 * control it wants is told by kind, never made here.
 */
export interface LimitPart<Value> {
  /** Of the value in documents. */
  readonly schema: TSchema & { readonly static: Value };
  /** Reads the value for an instrument and a hand; refuses what they do not have. */
  readonly read: (value: Value, setting: PartSetting) => Reading<LimitRule>;
  /** What playing a note so would take, when this limit leaves it out; absent where it leaves out no single placement. */
  readonly need?: (placement: Placement, place: NamedPlace) => string;
  /** What may be tried before the limit is lifted as a whole. */
  readonly smallerSteps: (value: Value, setting: PartSetting) => LimitSteps<Value>;
  /** What it is called. */
  readonly words: LimitWords<Value>;
  /** The control it wants. */
  readonly control: PartControl<Value>;
  /** In the sentence, with the words that lead to it; or among the rules that must hold, where it is told only when it is asked. */
  readonly stands: { readonly in: 'sentence'; readonly lead: string } | { readonly in: 'rules' };
  /** It comes with the player's profile, and its changes are told with the player. */
  readonly ofPlayer?: boolean;
}

/** A limit without smaller steps: it holds or it is lifted. */
export const NO_STEPS: LimitSteps<never> = { steps: [], weigh: 'every' };
