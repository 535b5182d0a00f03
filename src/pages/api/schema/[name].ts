import type { APIRoute } from 'astro';
import { SCHEMAS } from '../../../validation/schemas.ts';
import { problem } from '../../../validation/problem.ts';

/** The JSON Schema of a document by name. */
export const GET: APIRoute = ({ params }) => {
  const schema = Object.entries(SCHEMAS).find(([name]) => name === params['name'])?.[1];
  if (schema) return Response.json(schema, { headers: { 'content-type': 'application/schema+json' } });
  return problem(404, 'There is no such schema', [
    {
      code: 'schema',
      where: {},
      message: `There is no schema “${params['name'] ?? ''}”.`,
      hint: `Ask for one of ${Object.keys(SCHEMAS).join(', ')}.`,
    },
  ]);
};
