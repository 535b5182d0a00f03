import type { APIRoute } from 'astro';
import { bookLines, comeAgain, only, problem, readBody, readBookBody } from '../../endpoints/index.ts';

/** Plans, sets and binds a scale book, and answers with a line for each key as it is ready; the last has the PDF. */
export const POST: APIRoute = async ({ request, locals }) => {
  const { planner, client } = locals;
  const end = planner.openBatch(client);
  if (end === null) return comeAgain();
  const body = await readBody(request).catch((error: unknown) => {
    // The client has gone in the middle of its request: its book must not stay open for that.
    end();
    throw error;
  });
  const book = body.ok ? readBookBody(body.value) : body;
  if (!book.ok) {
    end();
    return body.ok ? problem(400, 'This is not a scale book', book.issues) : problem(413, 'The request could not be read', book.issues);
  }
  const lines = bookLines({ book: book.value, client, onEnd: end }, planner, request.signal);
  return new Response(lines, { headers: { 'content-type': 'application/x-ndjson' } });
};

/** Refuses any other method. */
export const ALL = only('POST');
