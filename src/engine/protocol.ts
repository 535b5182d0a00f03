import type { Brief } from '#core/brief';
import type { Answer, Question, QuestionKind } from '#core/session';

/** One call to the worker: by its number it can be cancelled. */
export interface Ticket {
  /** No two calls have the same. */
  readonly number: number;
  /** Which of the briefs opened before it is about. */
  readonly session: number;
}

/** Hears how much of a long line is laid out, 0 to 1. */
export type Report = (share: number) => void;

/** What the worker posts by itself while it lays out a long line: which call that is for, and how much is laid out, 0 to 1. */
export interface LaidOut {
  readonly call: number;
  readonly share: number;
}

/** Whether a message of the worker is one of those. */
export function isProgress(message: unknown): message is LaidOut {
  return typeof message === 'object' && message !== null && 'call' in message && 'share' in message;
}

/** What a call comes back with: the answer, or null once it was cancelled. */
export type Said<Kind extends QuestionKind> = { readonly answer: Answer<Kind> } | null;

/** Answers one kind of question. */
export type Answering<Kind extends QuestionKind> = (ticket: Ticket, question: Question<Kind>) => Promise<Said<Kind>>;

/** The questions of a session, each a call of the worker. */
export type QuestionCalls = { readonly [Kind in QuestionKind]: Answering<Kind> };

/** What the worker offers. */
export interface Engine extends QuestionCalls {
  /** Opens a session on a brief, under a number that the page gives it. */
  readonly open: (session: number, brief: Brief) => void;
  /** Forgets a session and what was solved for it. */
  readonly close: (session: number) => void;
  /** Drops a call: it takes no further step. */
  readonly cancel: (number: number) => void;
  /** Says nothing but that the worker answers. */
  readonly answers: () => void;
}
