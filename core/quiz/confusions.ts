import { type GivenAnswer, nameOf, type QuizQuestion } from './question.ts';

/** Two questions that are mixed up. */
export interface Confusion {
  /** The question that was asked, and the one whose answer was given. */
  readonly questions: readonly [QuizQuestion, QuizQuestion];
  /** The number of times, both ways. */
  readonly times: number;
  /** The place in the history at which it last happened. */
  readonly last: number;
}

/** The number of right answers of both questions after which a confusion counts as over. */
const RIGHT_SINCE = 2;

/** The questions by their id, made once for a quiz. */
export type ById = ReadonlyMap<string, QuizQuestion>;

/**
 * Finds the question whose answer was given in place of the right one: of the same kind in the same position, on the same string first;
 * null for none.
 */
export function questionTakenFor(pool: ById, { question, right, given }: GivenAnswer): QuizQuestion | null {
  const asked = pool.get(question);
  if (!asked || right) return null;
  const wrong = given.filter((candidate) => !asked.answers.includes(candidate));
  const alike = [...pool.values()].filter(
    (question) =>
      question.kind === asked.kind &&
      question.key === asked.key &&
      question.position === asked.position &&
      question.answers.some((one) => wrong.includes(one)),
  );
  return alike.find((question) => stringOf(question) === stringOf(asked)) ?? alike[0] ?? null;
}

function stringOf(question: QuizQuestion): string | null {
  return question.kind === 'place-to-note' || question.kind === 'first-finger' ? question.place.open : null;
}

/** Lists confusions that are not over yet, the most frequent first. */
export function confusionsIn(pool: ById, history: readonly GivenAnswer[]): readonly Confusion[] {
  const found = new Map<string, Confusion>();
  for (const [order, answer] of history.entries()) {
    const [asked, other] = [pool.get(answer.question), questionTakenFor(pool, answer)];
    if (!asked || !other) continue;
    const name = [asked.id, other.id].toSorted().join('\n');
    const before = found.get(name);
    found.set(name, { questions: before?.questions ?? [asked, other], times: (before?.times ?? 0) + 1, last: order });
  }
  const open = [...found.values()].filter(
    ({ questions, last }) => !questions.every(({ id }) => rightSince(history, id, last) >= RIGHT_SINCE),
  );
  return open.toSorted((one, other) => other.times - one.times || other.last - one.last);
}

function rightSince(history: readonly GivenAnswer[], question: string, since: number): number {
  const after = history.slice(since + 1).filter((answer) => answer.question === question);
  return after.length - 1 - after.findLastIndex(({ right }) => !right);
}

/** Gives the two names of a confusion of notes, as answers have them; of other kinds, the questions. */
export function confusedNames({ questions }: Confusion): readonly [string, string] {
  const name = (question: QuizQuestion): string =>
    question.kind === 'note-to-place' ? nameOf(question.written) : question.answers.join(' ');
  return [name(questions[0]), name(questions[1])];
}
