import { type Grade, keptAfter, type Kept } from '#core/spacing';
import { type ById, takenFor } from './confusions.ts';
import type { GivenAnswer } from './question.ts';
import type { Quizzed } from './quiz.ts';

/** Two that were mixed up are both asked within so many questions. */
const SOON = 5;

/** New questions a day: what is learnt today must be repeated tomorrow. */
const NEW_A_DAY = 15;

/** An answer that takes longer was found with difficulty, seconds. */
const SLOW = 8;

/** How an answer counts for the days until it comes back. */
function gradeOf({ right, seconds }: GivenAnswer): Grade {
  if (!right) return 'forgotten';
  return seconds !== null && seconds > SLOW ? 'hard' : 'good';
}

/** How well each question is kept, by its id; those that were never asked are missing. */
function keptQuestions(history: readonly GivenAnswer[]): ReadonlyMap<string, Kept> {
  const byId = new Map<string, GivenAnswer[]>();
  for (const answer of history) byId.set(answer.question, [...(byId.get(answer.question) ?? []), answer]);
  const kept = [...byId].flatMap(([id, answers]) => {
    const now = keptAfter(answers.map((answer) => ({ at: answer.at, grade: gradeOf(answer) })));
    return now ? [[id, now] as const] : [];
  });
  return new Map(kept);
}

/** Why a question comes now. */
export type Because = 'confused' | 'due' | 'new' | 'beyond';

/** The question that comes next. */
export interface NextQuestion {
  /** Which. */
  readonly question: Quizzed;
  /** Mixed up a moment ago; due; new; or asked for beyond what is due. */
  readonly because: Because;
}

/** What the next question is chosen from. */
export interface AskedSoFar {
  /** All answers in the order of time. */
  readonly history: readonly GivenAnswer[];
  /** Now, ms since 1970. */
  readonly now: number;
  /** When today began, ms since 1970. */
  readonly today: number;
  /** Goes on when nothing is due. */
  readonly beyond: boolean;
}

/**
 * The next question of a quiz: two that were just mixed up, what is due, then what is new, the player's own first, kinds
 * and strings mixed. Null when enough was asked for today. The same answers give the same question.
 */
export function nextQuestion(pool: readonly Quizzed[], so: AskedSoFar): NextQuestion | null {
  const byId = new Map(pool.map((each) => [each.id, each]));
  const last = so.history[so.history.length - 1]?.question;
  const confused = confusedNow(byId, so.history).find((id) => id !== last);
  const soon = confused === undefined ? undefined : byId.get(confused);
  if (soon) return { question: soon, because: 'confused' };
  const kept = keptQuestions(so.history.filter(({ question }) => byId.has(question)));
  // The same twice in a row only where nothing else is left.
  return (
    spaced(
      pool.filter(({ id }) => id !== last),
      kept,
      so,
    ) ?? spaced(pool, kept, so)
  );
}

/** What is due, then what is new, then what comes next. */
function spaced(pool: readonly Quizzed[], kept: ReadonlyMap<string, Kept>, so: AskedSoFar): NextQuestion | null {
  const dueAt = ({ id }: Quizzed): number => kept.get(id)?.due ?? Infinity;
  const [soonest] = pool.filter(({ id }) => kept.has(id)).toSorted((one, other) => dueAt(one) - dueAt(other));
  if (soonest && dueAt(soonest) <= so.now) return { question: soonest, because: 'due' };
  const [first] = newInOrder(pool.filter(({ id }) => !kept.has(id)));
  if (first && (so.beyond || newToday(so) < NEW_A_DAY)) return { question: first, because: 'new' };
  return so.beyond && soonest ? { question: soonest, because: 'beyond' } : null;
}

/** What was taken for something else in the last answers, with what it was taken for, and not asked since; the longest ago first. */
function confusedNow(pool: ById, history: readonly GivenAnswer[]): readonly string[] {
  const from = Math.max(0, history.length - SOON);
  return history.slice(from).flatMap((answer, order) => {
    const other = takenFor(pool, answer);
    if (!other) return [];
    const since = new Set(history.slice(from + order + 1).map(({ question }) => question));
    return [other.id, answer.question].filter((id) => !since.has(id));
  });
}

/** Those that were first asked today. */
function newToday({ history, today }: AskedSoFar): number {
  const before = new Set(history.filter(({ at }) => at < today).map(({ question }) => question));
  return new Set(history.filter(({ at, question }) => at >= today && !before.has(question)).map(({ question }) => question)).size;
}

/** The player's own first; among them kinds and strings mixed, always in the same way. */
function newInOrder(pool: readonly Quizzed[]): readonly Quizzed[] {
  const ownFirst = (one: Quizzed, other: Quizzed): number => Number(other.own) - Number(one.own);
  return pool.toSorted((one, other) => ownFirst(one, other) || scattered(one.id) - scattered(other.id));
}

/** A number that looks random and is always the same for a text: FNV-1a, 32 bits. */
function scattered(text: string): number {
  let hash = 0x811c9dc5;
  for (const letter of text) hash = Math.imul(hash ^ (letter.codePointAt(0) ?? 0), 0x01000193);
  return hash >>> 0;
}
