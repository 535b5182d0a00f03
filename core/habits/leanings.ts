import { answersTo, type NamedAnswer, type Ways, type WeightChanges, withAnswer } from '#core/brief/parts/school';
import type { InstrumentKind } from '#core/instrument';
import { weightsFor } from '#core/weights';

/** The weights that may count more or less for a teacher, where they are not the subject of a question. */
const LEANING_WEIGHTS = ['shift', 'crossing', 'highPlace'] as const;

/** The factors by which a weight may differ. */
const TIMES = [0.5, 2] as const;

/** A weight that counts for a teacher half or twice as much as usual. */
export interface NamedWeight {
  /** The name in the table of weights. */
  readonly weight: (typeof LEANING_WEIGHTS)[number];
  /** The factor. */
  readonly times: (typeof TIMES)[number];
}

/** Something that a teacher may do differently from usual: an answer to a question of the school, or a weight. */
export type Leaning = NamedAnswer | NamedWeight;

/** The answers and weights of a teacher, as far as they are not usual. */
export interface Leanings {
  /** The answers. */
  readonly ways: Ways;
  /** The weights on the instrument of the lines, thousandths. */
  readonly weights: WeightChanges;
}

/** The leanings of a teacher who does all as usual. */
export const AS_USUAL: Leanings = { ways: {}, weights: {} };

/** Lists all that a teacher may do differently on an instrument. */
export function leaningsOn(kind: InstrumentKind): readonly Leaning[] {
  const weights = LEANING_WEIGHTS.flatMap((weight) => TIMES.map((times): NamedWeight => ({ weight, times })));
  return [...answersTo(kind), ...weights];
}

/** Adds a leaning; of one subject the last holds. */
export function withLeaning({ ways, weights }: Leanings, leaning: Leaning, kind: InstrumentKind): Leanings {
  return 'question' in leaning
    ? { ways: withAnswer(ways, leaning.question, leaning.side), weights }
    : { ways, weights: { ...weights, [leaning.weight]: weightValue(leaning, kind) } };
}

/** Gives the value of a weight that counts more or less, thousandths. */
export function weightValue({ weight, times }: NamedWeight, kind: InstrumentKind): number {
  return Math.round(weightsFor(kind)[weight] * times);
}

/** Gives the subject of a leaning, of which a teacher has one at most: the question, or the weight. */
export function subjectOf(leaning: Leaning): string {
  return 'question' in leaning ? leaning.question : leaning.weight;
}
