import type { Brief } from '#core/brief';
import { documentIssue } from '#core/messages';
import { badReading, type Reading } from '#core/result';
import { deflate, inflate } from './deflate.ts';
import { readAs } from '../validation/documents.ts';

/** The largest brief in a link, bytes: room for 10,000 notes. */
const MOST_BYTES = 2_000_000;

/** Writes a brief for a link: JSON, deflated, in letters that an address may have. Nothing is sent anywhere by it. */
export async function briefToText(brief: Brief): Promise<string> {
  const small = await deflate(JSON.stringify(brief));
  // Letters are joined one by one, since a long brief has more than a call may have arguments.
  return btoa(Array.from(small, (byte) => String.fromCharCode(byte)).join(''))
    .replaceAll('+', '-')
    .replaceAll('/', '_')
    .replace(/=+$/, '');
}

/** Reads a brief from a link and checks it. */
export async function briefFromText(text: string): Promise<Reading<Brief>> {
  try {
    const bytes = Uint8Array.from(atob(text.replaceAll('-', '+').replaceAll('_', '/')), (letter) => letter.charCodeAt(0));
    return await readAs('brief', JSON.parse(await inflate(bytes, MOST_BYTES)));
  } catch {
    return badReading(documentIssue('broken-link', { text }));
  }
}
