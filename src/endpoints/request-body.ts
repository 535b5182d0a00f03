import { documentIssue } from '#core/messages';
import { badReading, goodReading, type Reading } from '#core/result';

/** The largest request body read, bytes: room for 10,000 notes. */
export const BODY_LIMIT_BYTES = 2_000_000;

/** The whole body is at fault. */
const WHOLE = { pointer: '' } as const;

/** Reads a JSON body up to the limit, and no further. */
export async function readJsonBody(request: Request): Promise<Reading<unknown>> {
  const declared = Number(request.headers.get('content-length') ?? 0);
  const text = declared > BODY_LIMIT_BYTES ? null : await textUpTo(request, BODY_LIMIT_BYTES);
  if (text === null) return badReading(documentIssue('body-too-large', { limitBytes: BODY_LIMIT_BYTES }, WHOLE));
  try {
    const value: unknown = JSON.parse(text);
    return goodReading(value);
  } catch (error) {
    return badReading(documentIssue('not-json', { detail: error instanceof Error ? error.message : String(error) }, WHOLE));
  }
}

/** Null when the body goes over the limit, whatever its header said. */
async function textUpTo(request: Request, limit: number): Promise<string | null> {
  const reader = request.body?.getReader();
  const decoder = new TextDecoder();
  let text = '';
  let size = 0;
  for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) {
    size += part.value.byteLength;
    if (size > limit) {
      await reader?.cancel();
      return null;
    }
    text += decoder.decode(part.value, { stream: true });
  }
  return text + decoder.decode();
}
