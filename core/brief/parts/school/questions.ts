import type { InstrumentKind } from '#core/instrument';
import { ADVICE_QUESTIONS } from './advice-questions.ts';
import { FINGERING_QUESTIONS } from './fingering-questions.ts';
import { type Question, type Side, sideNames } from './question.ts';

/** Every question on which teachers differ, by its name in documents, in the order in which they are asked. */
const QUESTIONS = { ...FINGERING_QUESTIONS, ...ADVICE_QUESTIONS } as const;

/** The name of a question. */
export type QuestionName = keyof typeof QUESTIONS;

/** The name of a side of a question. */
export type SideOf<Name extends QuestionName> = keyof (typeof QUESTIONS)[Name]['sides'];

/** The answers to questions: of a school, of a player, or for one piece. A question that is absent is not answered. */
export type Ways = { [Name in QuestionName]?: SideOf<Name> };

/** The names of all questions, in order. */
export const QUESTION_NAMES: readonly QuestionName[] = /* @__PURE__ */ sideNames(QUESTIONS);

/** Finds a question by its name; its sides are named by plain text. */
export function questionNamed(name: QuestionName): Question {
  return QUESTIONS[name];
}

/**
 * Finds a side of a question; the usual one where a name is no side of it.
 *
 * @throws where a question lacks its own usual side, which is a bug
 */
export function sideOf(name: QuestionName, side: string): Side {
  const { sides, usual } = questionNamed(name);
  const found = sides[side] ?? sides[usual];
  if (!found) throw new RangeError(`The question ${name} lacks its usual side ${usual}`);
  return found;
}

/** Lists the questions that come up on an instrument. */
export function questionsFor(kind: InstrumentKind): readonly QuestionName[] {
  return QUESTION_NAMES.filter((name) => questionNamed(name).kinds.includes(kind));
}

/** Answers one question differently; null removes the answer. */
export function withAnswer(ways: Ways, name: QuestionName, side: string | null): Ways {
  const { [name]: _, ...others } = ways;
  return side === null || !(side in QUESTIONS[name].sides) ? others : { ...others, [name]: side };
}

/** Gives the answer to a question: the usual side where it is not answered. */
export function answerOf<Name extends QuestionName>(ways: Ways, name: Name): NonNullable<Ways[Name]> | (typeof QUESTIONS)[Name]['usual'] {
  return ways[name] ?? QUESTIONS[name].usual;
}
