import type { APIRoute } from 'astro';
import { SCHEMA_NAMES, schemaNamed } from '#core/documents';
import { documentIssue } from '#core/messages';
import { only, problem } from '../../../endpoints/index.ts';

/** Serves the JSON Schema of a document by name. */
export const GET: APIRoute = ({ params }) => {
  const { name = '' } = params;
  const schema = schemaNamed(name);
  if (schema) return Response.json(schema, { headers: { 'content-type': 'application/schema+json' } });
  return problem(404, 'There is no such schema', [documentIssue('no-such-schema', { name, known: SCHEMA_NAMES })]);
};

/** Refuses any other method. */
export const ALL = only('GET');
