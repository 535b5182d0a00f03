import type { APIContext } from 'astro';
import { requestIssue } from '#core/messages';
import type { Reading } from '#core/result';
import type { Job } from './job.ts';
import { problem } from './problem.ts';
import { readBody } from './request-body.ts';

/** The time after which a client that was sent away may come again, s. */
const COME_AGAIN_S = 5;

/** A request, as far as planning needs it. */
export type PlanRequest = Pick<APIContext, 'request' | 'locals'>;

/** Answers a request with the planner's result for its body. */
export async function planAway(planning: PlanRequest, jobOf: (body: string) => Job): Promise<Response> {
  return await answerAway(planning, () => readBody(planning.request), jobOf);
}

/** Answers a request whose body is read in whatever form is needed. */
export async function answerAway<Body>(
  { request, locals }: PlanRequest,
  read: () => Promise<Reading<Body>>,
  jobOf: (body: Body) => Job,
): Promise<Response> {
  // A full queue is checked before the body is read: a client that is sent away must not keep the others waiting either.
  if (locals.planner.isFullFor(locals.client)) return comeAgain();
  const body = await read();
  if (!body.ok) return problem(413, 'The request could not be read', body.issues);
  const answer = await locals.planner.run(jobOf(body.value), { client: locals.client, inBatch: false, gone: request.signal });
  switch (answer) {
    case 'busy':
      return comeAgain();
    case 'too-expensive':
      return problem(422, 'This brief takes too long to plan', [requestIssue('too-expensive', {})]);
    case 'gone':
      return new Response(null, { status: 499 });
    default:
      return new Response(answer.body, { status: answer.status, headers: { 'content-type': answer.contentType } });
  }
}

/** Sends a client away that may come again. */
export function comeAgain(): Response {
  return problem(503, 'Too many requests wait already', [requestIssue('busy', { seconds: COME_AGAIN_S })], {
    'retry-after': String(COME_AGAIN_S),
  });
}
