import { badReading, goodReading, type Issue, type Reading } from '#core/reading';
import { bodyTooLarge, notJson } from '#core/words';

/** The largest request body read, bytes: room for 10,000 notes. */
export const BODY_LIMIT_BYTES = 2_000_000;

/** Reads a JSON body up to the limit, and no further. */
export async function readJsonBody(request: Request): Promise<Reading<unknown>> {
  const declared = Number(request.headers.get('content-length') ?? 0);
  const text = declared > BODY_LIMIT_BYTES ? null : await textUpTo(request, BODY_LIMIT_BYTES);
  if (text === null) return badReading(issue('size', bodyTooLarge(BODY_LIMIT_BYTES)));
  try {
    const value: unknown = JSON.parse(text);
    return goodReading(value);
  } catch (error) {
    return badReading(issue('syntax', notJson(error instanceof Error ? error.message : 'unknown error')));
  }
}

function issue(code: Issue['code'], words: { readonly message: string; readonly hint: string }): Issue {
  return { code, where: { pointer: '' }, ...words };
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
