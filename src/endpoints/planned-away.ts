import type { APIContext } from 'astro';
import { requestIssue } from '#core/messages';
import type { Job } from './job.ts';
import { problem } from './problem.ts';
import { readBody } from './request-body.ts';

/** After this a client that was sent away may come again, s. */
const COME_AGAIN_S = 5;

/** Answers a request with what the planner makes of its body. */
export async function plannedAway(
  { request, locals }: Pick<APIContext, 'request' | 'locals'>,
  jobOf: (body: string) => Job,
): Promise<Response> {
  const { running, waiting, mostWaiting } = locals.planner.queue();
  // Before its body is read: who is sent away must not keep the others waiting either.
  if (running > 0 && waiting >= mostWaiting) return comeAgain();
  const body = await readBody(request);
  if (!body.ok) return problem(413, 'The request could not be read', body.issues);
  const answer = await locals.planner.run(jobOf(body.value), request.signal);
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

function comeAgain(): Response {
  return problem(503, 'Too many requests wait already', [requestIssue('busy', { seconds: COME_AGAIN_S })], {
    'retry-after': String(COME_AGAIN_S),
  });
}
