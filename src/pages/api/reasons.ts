import type { APIRoute } from 'astro';
import { finished } from '#core/result';
import { answerTo, openSession } from '#core/session';
import { briefOfRequest } from '../../endpoints/brief-request.ts';
import { problem } from '../../endpoints/problem.ts';
import { reasonText } from '../../words/explain/reasons.ts';

/** Why the best plan of a brief is as it is, as data and in words. */
export const POST: APIRoute = async ({ request }) => {
  const brief = await briefOfRequest(request);
  if (brief instanceof Response) return brief;
  const session = openSession(brief);
  const reasons = finished(answerTo(session, 'reasons', { kind: 'reasons', note: null }));
  if (!reasons.ok) return problem(422, 'This brief cannot be planned', reasons.issues);
  return Response.json({
    reasons: reasons.value.map((reason) => ({ ...reason, sentence: reasonText(reason, session.best()?.strings ?? []) })),
  });
};
