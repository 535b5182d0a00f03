import { documentIssue } from '#core/messages';
import { badReading, goodReading, type Reading } from '#core/result';

/** The largest request body read, bytes: room for 10,000 notes. */
export const BODY_LIMIT_BYTES = 2_000_000;

/** No brief has a longer list: so many notes may a line have. */
const MOST_IN_A_LIST = 10_000;

/** No part of a brief has more fields. */
const MOST_FIELDS = 200;

/** No brief is nested deeper. */
const DEEPEST = 12;

/** The whole body is at fault. */
const WHOLE = { pointer: '' } as const;

/** The text of a body up to the limit, and no further. */
export async function readBody(request: Request): Promise<Reading<string>> {
  const declared = Number(request.headers.get('content-length') ?? 0);
  const text = declared > BODY_LIMIT_BYTES ? null : await textUpTo(request, BODY_LIMIT_BYTES);
  return text === null ? badReading(documentIssue('body-too-large', { limitBytes: BODY_LIMIT_BYTES }, WHOLE)) : goodReading(text);
}

/** Reads a text as JSON that is no larger in any way than a brief can be: its check would take far too long over more. */
export function readJson(text: string): Reading<unknown> {
  try {
    const value: unknown = JSON.parse(text);
    const place = tooMuchAt(value, '', 0);
    return place === null ? goodReading(value) : badReading(documentIssue('too-much', { pointer: place }, { pointer: place }));
  } catch (error) {
    return badReading(documentIssue('not-json', { detail: error instanceof Error ? error.message : String(error) }, WHOLE));
  }
}

/** The pointer of the first part that is longer, wider or deeper than any of a brief; null where none is. */
function tooMuchAt(value: unknown, pointer: string, depth: number): string | null {
  if (typeof value !== 'object' || value === null) return null;
  const entries = Object.entries(value);
  if (entries.length > (Array.isArray(value) ? MOST_IN_A_LIST : MOST_FIELDS) || depth >= DEEPEST) return pointer;
  for (const [name, part] of entries) {
    const place = tooMuchAt(part, `${pointer}/${name}`, depth + 1);
    if (place !== null) return place;
  }
  return null;
}

/** Null when the body goes over the limit, whatever its header said. */
async function textUpTo(request: Request, limit: number): Promise<string | null> {
  const reader = request.body?.getReader();
  const decoder = new TextDecoder();
  const parts: string[] = [];
  let size = 0;
  for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) {
    size += part.value.byteLength;
    if (size > limit) {
      await reader?.cancel();
      return null;
    }
    parts.push(decoder.decode(part.value, { stream: true }));
  }
  return parts.join('') + decoder.decode();
}
