import type { APIRoute } from 'astro';
import { plan } from '#core/plan';
import { problem } from '../../validation/problem.ts';
import { readJsonBody } from '../../validation/request-body.ts';
import { readBriefValue } from '../../validation/brief-value.ts';

/** Plans a brief: the same core as in the browser's worker. */
export const POST: APIRoute = async ({ request }) => {
  const body = await readJsonBody(request);
  if (!body.ok) return problem(body.issues[0]?.code === 'size' ? 413 : 400, 'The request could not be read', body.issues);
  const brief = readBriefValue(body.value);
  if (!brief.ok) return problem(400, 'This is not a brief', brief.issues);
  const planned = plan(brief.value);
  return planned.ok ? Response.json(planned.value) : problem(422, 'This brief cannot be planned', planned.issues);
};
