import type { APIRoute } from 'astro';
import { requestIssue } from '#core/messages';
import { EXPORT_FORMATS, only, planAway, problem } from '../../../endpoints/index.ts';

/**
 * Writes the best plan of a brief as a file: `?name=` gives its title, `?inBetweenNotes=yes` adds the notes that shifts pass to a score.
 */
export const POST: APIRoute = (context) => {
  const format = EXPORT_FORMATS.find((format) => format === context.params['format']);
  if (!format) return problem(404, 'There is no such format', [requestIssue('no-such-format', { known: EXPORT_FORMATS })]);
  const name = (context.url.searchParams.get('name') ?? 'A line').slice(0, 120);
  const inBetweenNotes = context.url.searchParams.get('inBetweenNotes') === 'yes';
  return planAway(context, (body) => ({ kind: 'export', body, asked: { format, name, inBetweenNotes } }));
};

/** Refuses any other method. */
export const ALL = only('POST');
