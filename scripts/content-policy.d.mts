import type { AstroIntegration } from 'astro';
import type { PageHashes } from '../src/server/content-policy.ts';

/** Writes the hashes of what stands in our own pages, once the server is built. */
export function contentPolicy(): AstroIntegration;

/** Lists the hashes of the scripts and styles in some pages. */
export function hashesIn(pages: readonly string[]): PageHashes;
