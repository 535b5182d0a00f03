import { requestIssue } from '#core/messages';
import { BATCH_MS } from '../batch.ts';
import type { Asker, JobAnswer, Planner, Refused } from '../job.ts';
import { problemOf } from '../problem.ts';
import { refusal } from '../refusal.ts';
import { notBoundText } from '../../words/paper/binding.ts';
import type { KeyToBind } from './bind-book.ts';
import type { BookAsked } from './book-asked.ts';
import type { KeyAsked } from './key-of-book.ts';

/** The number of keys of one book that are with the planner at a time, so that others come in between. */
const AT_A_TIME = 4;

/** A book, the client that asks for it, and what is done when it is over. */
interface BookOfClient {
  readonly book: BookAsked;
  readonly client: string;
  /** The processor time that its keys may take together, ms. */
  readonly budgetMs?: number;
  /** Runs once when the book is bound, or the client has gone. */
  readonly onEnd?: () => void;
}

/**
 * Writes a book as lines of JSON: one for each key as it is set, `{ index, of, key, pages, leftOut }` or `{ index, of, key, problem }`, which
 * stops none of the others, and at last the book, `{ title, pages, pdf }` with the PDF in base64, or `{ problem }`. Each key is a job of its
 * own within the limits of the planner. Where nobody reads on, nothing more is done.
 */
export function bookLines({ onEnd, ...asked }: BookOfClient, planner: Planner, gone: AbortSignal): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder();
  const left = new AbortController();
  const signal = AbortSignal.any([gone, left.signal]);
  if (signal.aborted) onEnd?.();
  else if (onEnd) signal.addEventListener('abort', onEnd, { once: true });
  const lines = linesOf(asked, planner, signal);
  return new ReadableStream({
    pull: async (controller) => {
      const next = signal.aborted ? null : await lines.next();
      if (next?.done === false) return controller.enqueue(encoder.encode(`${JSON.stringify(next.value)}\n`));
      controller.close();
      left.abort();
    },
    cancel: () => left.abort(),
  });
}

async function* linesOf(
  { book, client, budgetMs = BATCH_MS }: Omit<BookOfClient, 'onEnd'>,
  planner: Planner,
  gone: AbortSignal,
): AsyncGenerator<object, void> {
  let leftMs = budgetMs;
  const asker: Asker = { client, inBatch: true, gone, onSpent: (ms) => (leftMs -= ms) };
  const set = async (asked: KeyAsked): Promise<JobAnswer | Refused> =>
    leftMs <= 0
      ? problemOf(503, 'This book has used up its time', [requestIssue('book-spent', {})])
      : await planner.run({ kind: 'key-of-book', asked }, asker).catch(failure);
  const under: Promise<JobAnswer | Refused>[] = book.keys.slice(0, AT_A_TIME).map(set);
  const bound: KeyToBind[] = [];
  const unplayable: string[] = [];
  for (const [index, { title }] of book.keys.entries()) {
    const answer = await under[index];
    if (answer === undefined || answer === 'gone') return;
    const next = book.keys[index + AT_A_TIME];
    if (next) under.push(set(next));
    const line = { index, of: book.keys.length, key: title };
    const key = setOf(answer);
    if (key) {
      unplayable.push(...key.unplayable);
      if (key.pages > 0) bound.push({ title, pages: key.pages, packed: key.packed });
      yield { ...line, pages: key.pages, leftOut: key.unplayable };
    } else yield { ...line, problem: problemIn(answer, KEY_TOO_EXPENSIVE) };
  }
  const last = await boundBook(book, { bound, unplayable }, { planner, asker });
  if (last) yield last;
}

interface SetKeys {
  readonly bound: readonly KeyToBind[];
  readonly unplayable: readonly string[];
}

/** Binds the keys that are set, and gives the last line: the book, or why there is none; null where the client has gone. */
async function boundBook(
  { keys: _, about, ...front }: BookAsked,
  { bound, unplayable }: SetKeys,
  { planner, asker }: { readonly planner: Planner; readonly asker: Asker },
): Promise<object | null> {
  if (bound.length === 0) return { problem: bodyOf(problemOf(422, 'No hand plays any of this book', [requestIssue('empty-book', {})])) };
  const told = unplayable.length === 0 ? about : [...about, notBoundText(unplayable)];
  const answer = await planner.run({ kind: 'bind-book', asked: { ...front, about: told, keys: bound } }, asker).catch(failure);
  if (answer === 'gone') return null;
  const pdf = setOf(answer);
  if (!pdf) return { problem: problemIn(answer, BOOK_TOO_LARGE) };
  return { title: front.title, pages: pdf.pages, pdf: Buffer.from(pdf.packed).toString('base64') };
}

const KEY_TOO_EXPENSIVE = problemOf(422, 'This key takes too long', [requestIssue('key-too-expensive', {})]);
const BOOK_TOO_LARGE = problemOf(422, 'This book is too large', [requestIssue('book-too-large', {})]);

/** Gives the pages of a key that was set, or of the book; null where there is a problem instead. */
function setOf(answer: Exclude<JobAnswer | Refused, 'gone'>) {
  if (typeof answer === 'string' || answer.status !== 200 || !answer.set || typeof answer.body === 'string') return null;
  return { ...answer.set, packed: answer.body };
}

/** Gives the problem that came instead of pages; what was too much is told in its own words. */
function problemIn(answer: Exclude<JobAnswer | Refused, 'gone'>, tooMuch: JobAnswer): unknown {
  return bodyOf(answer === 'too-expensive' ? tooMuch : answer === 'busy' ? refusal(answer) : answer);
}

function bodyOf({ body }: JobAnswer): unknown {
  return typeof body === 'string' ? JSON.parse(body) : null;
}

/** Reports a fault with a part of the book to the operator; it costs that part alone. */
function failure(error: unknown): JobAnswer {
  console.error(error);
  return problemOf(500, 'This part of the book could not be made', []);
}
