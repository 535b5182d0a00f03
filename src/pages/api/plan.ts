import type { APIRoute } from 'astro';
import { plan } from '#core/plan';
import { briefOfRequest } from '../../endpoints/brief-request.ts';
import { countAsked } from '../../endpoints/count-asked.ts';
import { problem } from '../../endpoints/problem.ts';

/** Plans a brief: the same core as in the browser's worker. */
export const POST: APIRoute = async ({ request, url }) => {
  const brief = await briefOfRequest(request);
  if (brief instanceof Response) return brief;
  const planned = plan(brief, { alternatives: countAsked(url, 'alternatives', 0) });
  if (planned.ok) return Response.json(planned.value);
  return problem(422, 'This brief cannot be planned', planned.issues, { relaxed: planned.relaxed });
};
