import type { APIRoute } from 'astro';
import { reasonsOf } from '#core/plan';
import { briefOfRequest } from '../../validation/brief-request.ts';
import { problem } from '../../validation/problem.ts';

/** Why the best plan of a brief is as it is. */
export const POST: APIRoute = async ({ request }) => {
  const brief = await briefOfRequest(request);
  if (brief instanceof Response) return brief;
  const reasons = reasonsOf(brief);
  return reasons.ok ? Response.json({ reasons: reasons.value }) : problem(422, 'This brief cannot be planned', reasons.issues);
};
