import type { APIRoute } from 'astro';
import { plan } from '#core/plan';
import { briefOfRequest } from '../../validation/brief-request.ts';
import { problem } from '../../validation/problem.ts';

/** The most alternatives one request may ask for. */
const MOST_ALTERNATIVES = 20;

/** Plans a brief: the same core as in the browser's worker. */
export const POST: APIRoute = async ({ request, url }) => {
  const brief = await briefOfRequest(request);
  if (brief instanceof Response) return brief;
  const planned = plan(brief, { alternatives: alternativesAsked(url) });
  if (planned.ok) return Response.json(planned.value);
  return problem(422, 'This brief cannot be planned', planned.issues, { relaxed: planned.relaxed });
};

function alternativesAsked(url: URL): number {
  const asked = Number(url.searchParams.get('alternatives') ?? 0);
  return Number.isFinite(asked) ? Math.max(0, Math.min(MOST_ALTERNATIVES, Math.floor(asked))) : 0;
}
