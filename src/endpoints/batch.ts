import { documentIssue, requestIssue } from '#core/messages';
import { badReading, goodReading, type Reading } from '#core/result';
import type { JobAnswer, Planner, Refused } from './job.ts';
import { problemOf } from './problem.ts';
import { refusal } from './refusal.ts';
import { readJson } from './request-body.ts';

/** The most briefs one request may ask for. */
export const MOST_BRIEFS = 1000;

/** The number of briefs of one batch that are with the planner at a time, so that others come in between. */
const AT_A_TIME = 4;

/** The processor time of a whole batch, ms: a thousand ordinary briefs take a tenth of it. */
export const BATCH_MS = 600_000;

/** Splits the briefs of a batch, each as JSON: a list, or one to a line. */
export function briefsIn(body: string): Reading<readonly string[]> {
  const list = body.trimStart().startsWith('[') ? listIn(body) : goodReading(body.split('\n').filter((line) => line.trim() !== ''));
  if (!list.ok) return list;
  const count = list.value.length;
  return count >= 1 && count <= MOST_BRIEFS ? list : badReading(requestIssue('not-a-batch', { count, most: MOST_BRIEFS }, { pointer: '' }));
}

function listIn(body: string): Reading<readonly string[]> {
  const json = readJson(body);
  if (!json.ok) return json;
  return Array.isArray(json.value)
    ? goodReading(json.value.map((brief: unknown) => JSON.stringify(brief)))
    : badReading(documentIssue('not-json', { detail: 'no list' }, { pointer: '' }));
}

/** A batch: its briefs, the request for each of them, and the client that asks. */
interface BatchAsked {
  readonly briefs: readonly string[];
  readonly alternatives: number;
  readonly client: string;
  /** The processor time that its briefs may take together, ms. */
  readonly budgetMs?: number;
  /** Runs once when the batch is over, or the client has gone. */
  readonly onEnd?: () => void;
}

/**
 * Writes the answers to a batch as lines of JSON, in the order of its briefs, each as soon as it and those before it are ready: `{ index,
 * of, plan }`, or `{ index, of, problem }`, which does not stop the others. Where nobody reads on, nothing more is planned; nor once the
 * briefs have taken the time of a batch.
 */
export function batchLines(
  { briefs, alternatives, client, budgetMs = BATCH_MS, onEnd }: BatchAsked,
  planner: Planner,
  gone: AbortSignal,
): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder();
  const left = new AbortController();
  const signal = AbortSignal.any([gone, left.signal]);
  if (signal.aborted) onEnd?.();
  else if (onEnd) signal.addEventListener('abort', onEnd, { once: true });
  const under: Promise<JobAnswer | Refused>[] = [];
  let leftMs = budgetMs;
  const onSpent = (ms: number): void => {
    leftMs -= ms;
  };
  const answerTo = async (body: string): Promise<JobAnswer | Refused> => {
    if (leftMs <= 0) return problemOf(503, 'This batch has used up its time', [requestIssue('batch-spent', {})]);
    return await planner.run({ kind: 'plan', body, alternatives }, { client, inBatch: true, gone: signal, onSpent });
  };
  const begin = (index: number): void => {
    const body = briefs[index];
    if (body !== undefined) under[index] = answerTo(body).catch(failureLine);
  };
  const end = (controller: ReadableStreamDefaultController): void => {
    controller.close();
    left.abort();
  };
  let next = 0;
  return new ReadableStream({
    start: () => {
      for (let index = 0; index < AT_A_TIME; index += 1) begin(index);
    },
    pull: async (controller) => {
      const answer = await under[next];
      if (answer === undefined || answer === 'gone') return end(controller);
      controller.enqueue(encoder.encode(`${lineOf(answer, next, briefs.length)}\n`));
      begin(next + AT_A_TIME);
      next += 1;
      if (next === briefs.length) end(controller);
    },
    cancel: () => left.abort(),
  });
}

/** Reports a fault with one brief to the operator; it costs that line alone. */
function failureLine(error: unknown): JobAnswer {
  console.error(error);
  return problemOf(500, 'This brief could not be planned', []);
}

/** Writes one line; the answer itself is JSON already. */
function lineOf(answer: Exclude<JobAnswer | Refused, 'gone'>, index: number, of: number): string {
  const { status, body } = typeof answer === 'string' ? refusal(answer) : answer;
  return `{"index":${index},"of":${of},"${status === 200 ? 'plan' : 'problem'}":${String(body)}}`;
}
