import { documentIssue, requestIssue } from '#core/messages';
import { badReading, goodReading, type Reading } from '#core/result';
import type { JobAnswer, Planner, Refused } from './job.ts';
import { problemOf } from './problem.ts';
import { readJson } from './request-body.ts';

/** The most briefs one request may ask for. */
export const MOST_BRIEFS = 1000;

/** The number of briefs of one batch that are with the planner at a time, so that others come in between. */
const AT_A_TIME = 4;

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

/** The request for every brief of a batch. */
interface BatchAsked {
  readonly briefs: readonly string[];
  readonly alternatives: number;
}

/**
 * Writes the answers to a batch as lines of JSON, in the order of its briefs, each as soon as it and those before it are ready: `{ index,
 * of, plan }`, or `{ index, of, problem }`, which does not stop the others. Where nobody reads on, nothing more is planned.
 */
export function batchLines({ briefs, alternatives }: BatchAsked, planner: Planner, gone: AbortSignal): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder();
  const left = new AbortController();
  const signal = AbortSignal.any([gone, left.signal]);
  const under: Promise<JobAnswer | Refused>[] = [];
  const begin = (index: number): void => {
    const body = briefs[index];
    if (body !== undefined) under[index] = planner.run({ kind: 'plan', body, alternatives }, signal).catch(failureLine);
  };
  let next = 0;
  return new ReadableStream({
    start: () => {
      for (let index = 0; index < AT_A_TIME; index += 1) begin(index);
    },
    pull: async (controller) => {
      const answer = await under[next];
      if (answer === undefined || answer === 'gone') return controller.close();
      controller.enqueue(encoder.encode(`${lineOf(answer, next, briefs.length)}\n`));
      begin(next + AT_A_TIME);
      next += 1;
      if (next === briefs.length) controller.close();
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

function refusal(refused: 'busy' | 'too-expensive'): JobAnswer {
  return refused === 'busy'
    ? problemOf(503, 'Too many requests wait already', [requestIssue('busy', { seconds: 5 })])
    : problemOf(422, 'This brief takes too long to plan', [requestIssue('too-expensive', {})]);
}
