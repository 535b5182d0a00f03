import type { APIRoute } from 'astro';
import { batchLines, briefsIn, comeAgain, countAsked, only, problem, readBody } from '../../../endpoints/index.ts';

/** Plans many briefs, and answers with a line for each as it is ready. */
export const POST: APIRoute = async ({ request, locals, url }) => {
  const { planner, client } = locals;
  const end = planner.openBatch(client);
  if (end === null) return comeAgain();
  const body = await readBody(request).catch((error: unknown) => {
    // The client has gone in the middle of its briefs: its batch must not stay open for that.
    end();
    throw error;
  });
  const briefs = body.ok ? briefsIn(body.value) : body;
  if (!briefs.ok) {
    end();
    return body.ok
      ? problem(400, 'This is not a batch of briefs', briefs.issues)
      : problem(413, 'The request could not be read', briefs.issues);
  }
  const asked = { briefs: briefs.value, alternatives: countAsked(url, 'alternatives', 0), client, onEnd: end };
  return new Response(batchLines(asked, planner, request.signal), { headers: { 'content-type': 'application/x-ndjson' } });
};

/** Refuses any other method. */
export const ALL = only('POST');
