import { requestIssue } from '#core/messages';
import { BATCH_MS } from '../batch.ts';
import type { Asker, JobAnswer, Planner, Refused } from '../job.ts';
import { problemOf } from '../problem.ts';
import { refusal } from '../refusal.ts';
import type { BookToBind } from './bind-book.ts';
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
      ? problemOf(503, 'This book has used up its time', [requestIssue('batch-spent', {})])
      : await planner.run({ kind: 'key-of-book', asked }, asker).catch(failure);
  const under: Promise<JobAnswer | Refused>[] = book.keys.slice(0, AT_A_TIME).map(set);
  const bound: BookToBind['keys'][number][] = [];
  for (const [index, { title }] of book.keys.entries()) {
    const answer = await under[index];
    if (answer === undefined || answer === 'gone') return;
    const next = book.keys[index + AT_A_TIME];
    if (next) under.push(set(next));
    const line = { index, of: book.keys.length, key: title };
    const key = setOf(answer);
    if (!key) yield { ...line, problem: problemIn(answer) };
    else {
      yield { ...line, pages: key.pages, leftOut: key.unplayable };
      if (key.pages > 0) bound.push({ title, pages: key.pages, packed: key.packed });
    }
  }
  yield await boundBook(book, bound, { planner, asker });
}

/** Binds what is set; the line says so, or why not. */
async function boundBook(
  { keys: _, ...front }: BookAsked,
  keys: BookToBind['keys'],
  { planner, asker }: { readonly planner: Planner; readonly asker: Asker },
): Promise<object> {
  if (keys.length === 0) return { problem: problemIn(problemOf(422, 'No hand plays any of this book', [requestIssue('empty-book', {})])) };
  const answer = await planner.run({ kind: 'bind-book', asked: { ...front, keys } }, asker).catch(failure);
  if (answer === 'too-expensive')
    return { problem: problemIn(problemOf(422, 'This book is too large', [requestIssue('book-too-large', {})])) };
  const bound = setOf(answer === 'gone' ? 'busy' : answer);
  return bound
    ? { title: front.title, pages: bound.pages, pdf: Buffer.from(bound.packed).toString('base64') }
    : { problem: problemIn(answer) };
}

/** Gives the pages of a key that was set, or of the book; null where there is a problem instead. */
function setOf(answer: Exclude<JobAnswer | Refused, 'gone'>) {
  if (typeof answer === 'string' || answer.status !== 200 || !answer.set || typeof answer.body === 'string') return null;
  return { ...answer.set, packed: answer.body };
}

function problemIn(answer: JobAnswer | Refused): unknown {
  const { body } = typeof answer === 'string' ? refusal(answer === 'gone' ? 'busy' : answer) : answer;
  return typeof body === 'string' ? JSON.parse(body) : null;
}

/** Reports a fault with one key to the operator; it costs that key alone. */
function failure(error: unknown): JobAnswer {
  console.error(error);
  return problemOf(500, 'This key could not be set', []);
}
