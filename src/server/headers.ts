/**
 * The headers of every answer: nobody frames it, guesses at its kind, or learns where a link was pressed; only our own pages use the
 * microphone and a MIDI keyboard.
 */
export const EVERYWHERE: Readonly<Record<string, string>> = {
  'x-content-type-options': 'nosniff',
  'x-frame-options': 'DENY',
  'referrer-policy': 'no-referrer',
  'permissions-policy': 'microphone=(self), camera=(), geolocation=(), payment=(), usb=(), midi=(self), display-capture=()',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-embedder-policy': 'require-corp',
  'cross-origin-resource-policy': 'same-origin',
};

/** The caching of pages: they are asked for again every time; the files they name have names of their own for every version. */
export const PAGE_CACHE = 'no-cache';

/** The caching of files whose name contains a hash of their content: they never change. */
export const HASHED_CACHE = 'public, max-age=31536000, immutable';

/** The caching of answers: what was calculated for one request is nobody else's. */
export const API_CACHE = 'no-store';
