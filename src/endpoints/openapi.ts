import { SCHEMA_NAMES, schemaNamed } from '#core/documents';
import { BookRequest } from '#core/scale-book';
import { type Described, type DescribedParameter, ENDPOINTS, PROBLEMS } from './described.ts';

const REFERENCES = {
  brief: { $ref: '#/components/schemas/brief' },
  briefs: { type: 'array', items: { $ref: '#/components/schemas/brief' } },
  book: { $ref: '#/components/schemas/bookRequest' },
  bytes: { type: 'string', format: 'binary' },
} as const;

/** Writes the endpoints as an OpenAPI 3.1 document, with the schemas that requests are checked against. */
export function openApi(): object {
  const paths = new Map<string, Record<string, object>>();
  for (const endpoint of ENDPOINTS)
    paths.set(endpoint.path, { ...paths.get(endpoint.path), [endpoint.method.toLowerCase()]: operation(endpoint) });
  return {
    openapi: '3.1.0',
    info: {
      title: 'Dove Path',
      version: '1',
      description: 'Left-hand fingerings of string instruments. Stateless: every request says all it needs, and nothing is kept.',
    },
    paths: Object.fromEntries(paths),
    components: {
      schemas: {
        ...Object.fromEntries(SCHEMA_NAMES.map((name) => [name, schemaOf(name)])),
        problem: PROBLEM,
        bookRequest: withoutId(BookRequest),
      },
    },
  };
}

const PROBLEM = {
  type: 'object',
  description: 'A problem document (RFC 9457).',
  properties: {
    type: { type: 'string' },
    title: { type: 'string' },
    status: { type: 'integer' },
    detail: { type: 'string' },
    errors: {
      type: 'array',
      items: {
        type: 'object',
        properties: {
          code: { type: 'string' },
          pointer: { type: 'string', description: 'JSON pointer of what is wrong.' },
          note: { type: 'integer', description: 'Index of the note in the line.' },
          detail: { type: 'string' },
          hint: { type: 'string' },
        },
      },
    },
  },
} as const;

/** Gives a schema without its own address, which would change what its references mean. */
function schemaOf(name: string): object {
  return withoutId(schemaNamed(name));
}

function withoutId(schema: object | null): object {
  const { $id: _, ...named } = JSON.parse(JSON.stringify(schema));
  return named;
}

function operation({ summary, parameters, body, answer, method, path }: Described): object {
  return {
    summary,
    operationId: `${method.toLowerCase()} ${path}`.replace(/[^a-z]+/gi, '-').replace(/-$/, ''),
    parameters: parameters.map(parameter),
    ...(body
      ? { requestBody: { required: true, description: body.what, content: { [body.type]: { schema: REFERENCES[body.schema] } } } }
      : {}),
    responses: {
      200: { description: answer.what, content: Object.fromEntries(answer.types.map((type) => [type, {}])) },
      ...Object.fromEntries(
        Object.entries(PROBLEMS).map(([status, description]) => [
          status,
          { description, content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/problem' } } } },
        ]),
      ),
    },
  };
}

function parameter({ name, in: place, what, values }: DescribedParameter): object {
  return {
    name,
    in: place,
    required: place === 'path',
    description: what,
    schema: { type: 'string', ...(values ? { enum: values } : {}) },
  };
}
