import type { APIRoute } from 'astro';
import { requestIssue } from '#core/messages';
import { answerAway, IMPORT_FORMATS, importAsked, only, problem, readScoreBody } from '../../../endpoints/index.ts';

/** Turns a score into a piece, and reports what was left out; the address says what is wanted of it. */
export const POST: APIRoute = (context) => {
  const { params, url, request } = context;
  if (!IMPORT_FORMATS.some((format) => format === params['format'])) {
    return problem(404, 'There is no such format', [requestIssue('no-such-format', { known: IMPORT_FORMATS })]);
  }
  const asked = importAsked(url);
  return answerAway(
    context,
    () => readScoreBody(request),
    (bytes) => ({ kind: 'import', bytes, asked }),
  );
};

/** Refuses any other method. */
export const ALL = only('POST');
