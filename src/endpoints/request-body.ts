import { documentIssue } from '#core/messages';
import { badReading, goodReading, type Reading } from '#core/result';

/** The largest request body read, bytes: room for 10,000 notes. */
export const BODY_LIMIT_BYTES = 2_000_000;

/** The longest list in a brief: the largest number of notes in a line. */
export const MOST_IN_A_LIST = 10_000;

/** The largest number of fields in a part of a brief. */
const MOST_FIELDS = 200;

/** The deepest nesting of a brief. */
export const DEEPEST = 12;

/** The place of a fault that concerns the whole body. */
const WHOLE = { pointer: '' } as const;

/** The largest score read, bytes. */
export const SCORE_LIMIT_BYTES = 10_000_000;

/** The multiple of its limit up to which a body that is too large is read and thrown away. */
const THROWN_AWAY = 20;

/** Reads the text of a body up to the limit. */
export async function readBody(request: Request): Promise<Reading<string>> {
  const bytes = await readBytes(request, BODY_LIMIT_BYTES);
  return bytes.ok ? goodReading(new TextDecoder().decode(bytes.value)) : bytes;
}

/** Reads the bytes of a score up to their limit. */
export async function readScoreBody(request: Request): Promise<Reading<Uint8Array>> {
  return await readBytes(request, SCORE_LIMIT_BYTES);
}

async function readBytes(request: Request, limitBytes: number): Promise<Reading<Uint8Array>> {
  const bytes = await bytesUpTo(request, limitBytes);
  return bytes === null ? badReading(documentIssue('body-too-large', { limitBytes }, WHOLE)) : goodReading(bytes);
}

/** Reads a text as JSON, refusing one that is larger in any way than a brief can be: its check would take far too long. */
export function readJson(text: string): Reading<unknown> {
  try {
    const value: unknown = JSON.parse(text);
    const place = tooMuchAt(value, '', 0);
    return place === null ? goodReading(value) : badReading(documentIssue('too-much', { pointer: place }, { pointer: place }));
  } catch (error) {
    return badReading(documentIssue('not-json', { detail: error instanceof Error ? error.message : String(error) }, WHOLE));
  }
}

/** Finds the pointer of the first part that is longer, wider or deeper than any of a brief; null where there is none. */
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

/**
 * Reads bytes up to a limit; null when the body goes over it, whatever its header said. The rest of it is read, too, and thrown away: a
 * client that is still sending when the connection ends never sees the answer. One that sends far too much is cut off.
 */
async function bytesUpTo(request: Request, limit: number): Promise<Uint8Array | null> {
  const reader = request.body?.getReader();
  const parts: Uint8Array[] = [];
  let size = 0;
  for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) {
    size += part.value.byteLength;
    if (size <= limit) parts.push(part.value);
    else parts.length = 0;
    if (size > THROWN_AWAY * limit) await reader?.cancel();
  }
  if (size > limit) return null;
  const bytes = new Uint8Array(size);
  let at = 0;
  for (const part of parts) {
    bytes.set(part, at);
    at += part.byteLength;
  }
  return bytes;
}
