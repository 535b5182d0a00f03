import type { Brief } from '#core/brief';
import type { Answer, Question, QuestionKind } from '#core/session';

/** One call to the worker, which can be cancelled by its number. */
export interface Ticket {
  /** The number, which no two calls share. */
  readonly number: number;
  /** The number of the session it is about, opened before. */
  readonly session: number;
}

/** A function that receives the share of a long line that is laid out, 0 to 1. */
export type Report = (share: number) => void;

/** The event that the worker posts while it lays out a long line: the call, and the share that is laid out, 0 to 1. */
export interface LaidOut {
  /** The number of the call. */
  readonly call: number;
  /** The share of the line that is laid out, 0 to 1. */
  readonly share: number;
}

/** Tells whether a message of the worker is a progress event. */
export function isProgress(message: unknown): message is LaidOut {
  return typeof message === 'object' && message !== null && 'call' in message && 'share' in message;
}

/** The reply to a call: the answer, or null once it was cancelled. */
export type Said<Kind extends QuestionKind> = { readonly answer: Answer<Kind> } | null;

/** A function that answers one kind of question. */
export type Answering<Kind extends QuestionKind> = (ticket: Ticket, question: Question<Kind>) => Promise<Said<Kind>>;

/** The questions of a session, each a call of the worker. */
export type QuestionCalls = { readonly [Kind in QuestionKind]: Answering<Kind> };

/** The interface of the worker. */
export interface Engine extends QuestionCalls {
  /** Opens a session on a brief, under a number that the page gives it. */
  readonly open: (session: number, brief: Brief) => void;
  /** Forgets a session and what was solved for it. */
  readonly close: (session: number) => void;
  /** Drops a call: it takes no further step. */
  readonly cancel: (number: number) => void;
  /** Replies only to show that the worker answers. */
  readonly answers: () => void;
}
