import type { APIRoute } from 'astro';
import { batchLines, briefsIn, comeAgain, countAsked, isFull, only, problem, readBody } from '../../../endpoints/index.ts';

/** Plans many briefs, and answers with a line for each as it is ready. */
export const POST: APIRoute = async ({ request, locals, url }) => {
  if (isFull(locals.planner.queue())) return comeAgain();
  const body = await readBody(request);
  if (!body.ok) return problem(413, 'The request could not be read', body.issues);
  const briefs = briefsIn(body.value);
  if (!briefs.ok) return problem(400, 'This is not a batch of briefs', briefs.issues);
  const lines = batchLines({ briefs: briefs.value, alternatives: countAsked(url, 'alternatives', 0) }, locals.planner, request.signal);
  return new Response(lines, { headers: { 'content-type': 'application/x-ndjson' } });
};

/** Refuses any other method. */
export const ALL = only('POST');
