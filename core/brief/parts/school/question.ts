import { INSTRUMENT_KINDS, type InstrumentKind } from '#core/instrument';

/** One way of answering a question on which teachers differ. */
export interface Side {
  /** The name of the side in the school and the sentence: "the fourth finger going up". */
  readonly label: string;
  /** The advantage of this side, in one sentence; empty where the question is left to each place of the line. */
  readonly gains: string;
}

/** A place in a line at which advice is told. */
export type ToldAt = 'shift' | 'double-stop' | 'high-place' | 'check';

/** A question on which teachers differ, and its sides. */
export interface Question {
  /** The title of the question: "Open string or fourth finger, going up". */
  readonly title: string;
  /** The instruments on which it comes up. */
  readonly kinds: readonly InstrumentKind[];
  /** The side taken where nobody has said anything: what a brief without a school gets. */
  readonly usual: string;
  /** The sides by their names in documents, in the order in which they are offered. */
  readonly sides: Readonly<Record<string, Side>>;
  /**
   * The place at which the sides are told beside a note, each with its advantage; absent for questions that show in the fingering itself.
   */
  readonly toldAt?: ToldAt;
}

/** Lists the names of the sides of a question, in order. */
export function sideNames<Name extends string>(sides: Readonly<Record<Name, unknown>>): readonly Name[] {
  return Object.keys(sides).filter((name): name is Name => name in sides);
}

/** The violin and the viola: the arm that supports, a finger for each letter. */
export const UPPER_STRINGS: readonly InstrumentKind[] = ['violin', 'viola'];

/** The cello and the double bass: the arm hangs from the shoulder, the finger follows the semitone. */
export const LOWER_STRINGS: readonly InstrumentKind[] = ['cello', 'bass'];

/** All four instruments. */
export const ALL_STRINGS: readonly InstrumentKind[] = INSTRUMENT_KINDS;
