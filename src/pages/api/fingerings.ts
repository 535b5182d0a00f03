import type { APIRoute } from 'astro';
import { bestFingerings } from '#core/plan';
import { briefOfRequest } from '../../endpoints/brief-request.ts';
import { countAsked } from '../../endpoints/count-asked.ts';
import { problem } from '../../endpoints/problem.ts';

/** The cheapest different fingerings of a brief: `?most=10`. */
export const POST: APIRoute = async ({ request, url }) => {
  const brief = await briefOfRequest(request);
  if (brief instanceof Response) return brief;
  const fingerings = bestFingerings(brief, countAsked(url, 'most', 10));
  return fingerings.ok ? Response.json({ fingerings: fingerings.value }) : problem(422, 'This brief cannot be planned', fingerings.issues);
};
