import type { Brief } from '#core/brief';
import { readAs } from '../validation/documents.ts';
import { problem } from './problem.ts';
import { readJsonBody } from './request-body.ts';

/** The brief a request carries, or the problem document that says why it carries none. */
export async function briefOfRequest(request: Request): Promise<Brief | Response> {
  const body = await readJsonBody(request);
  if (!body.ok)
    return problem(body.issues[0]?.code === 'document/body-too-large' ? 413 : 400, 'The request could not be read', body.issues);
  const brief = await readAs('brief', body.value);
  return brief.ok ? brief.value : problem(400, 'This is not a brief', brief.issues);
}
