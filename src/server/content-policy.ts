/** The hashes of the scripts and styles that stand in our own pages, as the build has found them (`scripts/content-policy.mjs`). */
export interface PageHashes {
  readonly script: readonly string[];
  readonly style: readonly string[];
}

/** Writes the content policy: our own scripts and styles in pages by their hash, everything else from our own address, and nothing more. */
export function contentPolicy({ script, style }: PageHashes): string {
  return [
    "default-src 'none'",
    ["script-src 'self'", ...script].join(' '),
    ["style-src 'self'", ...style].join(' '),
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
