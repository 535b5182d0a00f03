import { createHash } from 'node:crypto';

/** The pattern of scripts and styles that stand in the page itself, with the text between their tags. */
const INLINE = /<(script|style)\b(?![^>]*\bsrc=)[^>]*>([\s\S]*?)<\/\1>/g;

/** The pattern of styles that stand at an element of the page. */
const AT_ELEMENT = /<[a-z][^>]*\sstyle="([^"]*)"/g;

/** Writes the content policy: the page's own scripts and styles by their hash, everything else from our own address, and nothing more. */
export function contentPolicy(html: string): string {
  const hashes = { script: new Set<string>(), style: new Set<string>() };
  for (const [, tag, text = ''] of html.matchAll(INLINE)) {
    if (tag === 'script' || tag === 'style') hashes[tag].add(hashOf(text));
  }
  for (const [, text = ''] of html.matchAll(AT_ELEMENT)) hashes.style.add("'unsafe-hashes'").add(hashOf(text));
  return [
    "default-src 'none'",
    ["script-src 'self'", ...hashes.script].join(' '),
    ["style-src 'self'", ...hashes.style].join(' '),
    "font-src 'self' data:",
    "img-src 'self' data: blob:",
    "media-src 'self' blob:",
    "connect-src 'self'",
    "worker-src 'self'",
    "manifest-src 'self'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
}

function hashOf(text: string): string {
  return `'sha256-${createHash('sha256').update(text).digest('base64')}'`;
}
