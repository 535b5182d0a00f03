import { type Grade, recallAfter, type Kept } from '#core/spacing';
import { type ById, questionTakenFor } from './confusions.ts';
import type { GivenAnswer } from './question.ts';
import type { Quizzed } from './quiz.ts';

/** The number of questions within which both of two that were mixed up are asked. */
const SOON = 5;

/** The number of new questions a day: what is learnt today must be repeated tomorrow. */
const NEW_A_DAY = 15;

/** The time beyond which an answer was found with difficulty, seconds. */
const SLOW = 8;

/** Grades an answer for the days until its question comes back. */
function gradeOf({ right, seconds }: GivenAnswer): Grade {
  if (!right) return 'forgotten';
  return seconds !== null && seconds > SLOW ? 'hard' : 'good';
}

/** Gives how well each question is kept, by its id; those that were never asked are missing. */
function keptQuestions(history: readonly GivenAnswer[]): ReadonlyMap<string, Kept> {
  const byId = new Map<string, GivenAnswer[]>();
  for (const answer of history) byId.set(answer.question, [...(byId.get(answer.question) ?? []), answer]);
  const kept = [...byId].flatMap(([id, answers]) => {
    const now = recallAfter(answers.map((answer) => ({ at: answer.at, grade: gradeOf(answer) })));
    return now ? [[id, now] as const] : [];
  });
  return new Map(kept);
}

/** The reason why a question comes now. */
export type Because = 'confused' | 'due' | 'new' | 'beyond';

/** The question that comes next. */
export interface NextQuestion {
  /** The question to ask, and whether it is one of the player's own. */
  readonly question: Quizzed;
  /** The reason: mixed up a moment ago, due, new, or asked for beyond what is due. */
  readonly because: Because;
}

/** The material from which the next question is chosen. */
export interface AskedSoFar {
  /** The answers in the order of time. */
  readonly history: readonly GivenAnswer[];
  /** The present moment, ms since 1970. */
  readonly now: number;
  /** The beginning of today, ms since 1970. */
  readonly today: number;
  /** Whether to go on when nothing is due. */
  readonly beyond: boolean;
}

/**
 * Chooses the next question of a quiz: two that were just mixed up, then those due, then new ones, the player's own first, kinds and
 * strings mixed. Null when enough was asked for today. The same answers give the same question.
 */
export function nextQuestion(pool: readonly Quizzed[], so: AskedSoFar): NextQuestion | null {
  const byId = new Map(pool.map((question) => [question.id, question]));
  const last = so.history[so.history.length - 1]?.question;
  const confused = recentConfusions(byId, so.history).find((id) => id !== last);
  const soon = confused === undefined ? undefined : byId.get(confused);
  if (soon) return { question: soon, because: 'confused' };
  const kept = keptQuestions(so.history.filter(({ question }) => byId.has(question)));
  // The same question comes twice in a row only where nothing else is left.
  return (
    nextSpaced(
      pool.filter(({ id }) => id !== last),
      kept,
      so,
    ) ?? nextSpaced(pool, kept, so)
  );
}

/** Chooses a question that is due, else a new one, else the one that is due next. */
function nextSpaced(pool: readonly Quizzed[], kept: ReadonlyMap<string, Kept>, so: AskedSoFar): NextQuestion | null {
  const dueAt = ({ id }: Quizzed): number => kept.get(id)?.due ?? Infinity;
  const [soonest] = pool.filter(({ id }) => kept.has(id)).toSorted((one, other) => dueAt(one) - dueAt(other));
  if (soonest && dueAt(soonest) <= so.now) return { question: soonest, because: 'due' };
  const [first] = newInOrder(pool.filter(({ id }) => !kept.has(id)));
  if (first && (so.beyond || newToday(so) < NEW_A_DAY)) return { question: first, because: 'new' };
  return so.beyond && soonest ? { question: soonest, because: 'beyond' } : null;
}

/** Lists questions that were taken for another in the last answers, with that other one, and not asked since; the oldest first. */
function recentConfusions(pool: ById, history: readonly GivenAnswer[]): readonly string[] {
  const from = Math.max(0, history.length - SOON);
  return history.slice(from).flatMap((answer, order) => {
    const other = questionTakenFor(pool, answer);
    if (!other) return [];
    const since = new Set(history.slice(from + order + 1).map(({ question }) => question));
    return [other.id, answer.question].filter((id) => !since.has(id));
  });
}

/** Counts the questions that were first asked today. */
function newToday({ history, today }: AskedSoFar): number {
  const before = new Set(history.filter(({ at }) => at < today).map(({ question }) => question));
  return new Set(history.filter(({ at, question }) => at >= today && !before.has(question)).map(({ question }) => question)).size;
}

/** Sorts new questions: the player's own first; among them kinds and strings mixed, always in the same way. */
function newInOrder(pool: readonly Quizzed[]): readonly Quizzed[] {
  const ownFirst = (one: Quizzed, other: Quizzed): number => Number(other.own) - Number(one.own);
  return pool.toSorted((one, other) => ownFirst(one, other) || scatter(one.id) - scatter(other.id));
}

/** Gives a number that looks random and is always the same for a text: FNV-1a, 32 bits. */
function scatter(text: string): number {
  let hash = 0x811c9dc5;
  for (const letter of text) hash = Math.imul(hash ^ (letter.codePointAt(0) ?? 0), 0x01000193);
  return hash >>> 0;
}
