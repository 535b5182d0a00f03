import type { APIContext } from 'astro';
import type { Reading } from '#core/result';
import type { Planner } from './job.ts';
import { comeAgain } from './planned-away.ts';
import { problem } from './problem.ts';
import { readBody } from './request-body.ts';

/** A batch that is open: its client, and what is done when it is over. */
export interface OpenBatch {
  readonly planner: Planner;
  readonly client: string;
  readonly gone: AbortSignal;
  readonly onEnd: () => void;
}

/** The answer to a request that is done line by line: how its body is read, what it is called where it is none, and its lines. */
export interface AnswerInLines<Asked> {
  readonly read: (body: string) => Reading<Asked>;
  readonly notOne: string;
  readonly lines: (asked: Asked, batch: OpenBatch) => ReadableStream<Uint8Array>;
}

/** Answers a request line by line, as one of the batches that a client may have open. */
export async function answerInBatch<Asked>(
  { request, locals: { planner, client } }: Pick<APIContext, 'request' | 'locals'>,
  { read, notOne, lines }: AnswerInLines<Asked>,
): Promise<Response> {
  const end = planner.openBatch(client);
  if (end === null) return comeAgain();
  const body = await readBody(request).catch((error: unknown) => {
    // The client has gone in the middle of its request: its batch must not stay open for that.
    end();
    throw error;
  });
  const asked = body.ok ? read(body.value) : body;
  if (!asked.ok) {
    end();
    return body.ok ? problem(400, notOne, asked.issues) : problem(413, 'The request could not be read', asked.issues);
  }
  const stream = lines(asked.value, { planner, client, gone: request.signal, onEnd: end });
  return new Response(stream, { headers: { 'content-type': 'application/x-ndjson' } });
}
