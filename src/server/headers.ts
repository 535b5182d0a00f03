/** What goes with every answer: nobody frames it, guesses at its kind, or learns where a link was pressed; only our own pages use the microphone and a MIDI keyboard. */
export const EVERYWHERE: Readonly<Record<string, string>> = {
  'x-content-type-options': 'nosniff',
  'x-frame-options': 'DENY',
  'referrer-policy': 'no-referrer',
  'permissions-policy': 'microphone=(self), camera=(), geolocation=(), payment=(), usb=(), midi=(self), display-capture=()',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-embedder-policy': 'require-corp',
  'cross-origin-resource-policy': 'same-origin',
};

/** A page is asked for again every time; the files it names have names of their own for every version. */
export const PAGE_CACHE = 'no-cache';

/** A file whose name holds a hash of what is in it never changes. */
export const HASHED_CACHE = 'public, max-age=31536000, immutable';

/** What was worked out for one request is nobody else's. */
export const API_CACHE = 'no-store';
