import type { Brief } from '#core/brief';
import { documentIssue } from '#core/messages';
import { badReading, type Reading } from '#core/result';
import { readAs } from '../validation/documents.ts';

/** A brief as a link carries it: JSON, deflated, in letters that an address may have. Nothing is sent anywhere by it. */
export async function briefToText(brief: Brief): Promise<string> {
  const deflated = await through(new TextEncoder().encode(JSON.stringify(brief)), new CompressionStream('deflate-raw'));
  return btoa(String.fromCharCode(...deflated))
    .replaceAll('+', '-')
    .replaceAll('/', '_')
    .replace(/=+$/, '');
}

/** Reads a brief from a link and checks it. */
export async function briefFromText(text: string): Promise<Reading<Brief>> {
  try {
    const bytes = Uint8Array.from(atob(text.replaceAll('-', '+').replaceAll('_', '/')), (letter) => letter.charCodeAt(0));
    const inflated = await through(bytes, new DecompressionStream('deflate-raw'));
    return await readAs('brief', JSON.parse(new TextDecoder().decode(inflated)));
  } catch {
    return badReading(documentIssue('broken-link', { text }));
  }
}

async function through(bytes: Uint8Array<ArrayBuffer>, stream: CompressionStream | DecompressionStream): Promise<Uint8Array> {
  const passed = new Blob([bytes]).stream().pipeThrough(stream);
  return new Uint8Array(await new Response(passed).arrayBuffer());
}
