import { readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build } from 'esbuild';
import { getManifest } from 'workbox-build';

/** The pages of the application; each is stored as it was served when this version was first opened. */
export const PAGES = readdirSync(new URL('../src/pages/', import.meta.url), { recursive: true })
  .filter((name) => name.endsWith('.astro') && name !== '404.astro')
  .map((name) => `/${name.replace(/\.astro$/, '').replace(/(^|\/)index$/, '')}`);

/** The largest file that is stored, bytes; no file is as large. */
const LARGEST_KEPT = 20_000_000;

/** Writes the service worker with the list of everything it stores, once the application is built. */
export function offline() {
  return {
    name: 'offline',
    hooks: {
      'astro:build:done': async ({ dir }) => {
        const folder = fileURLToPath(dir);
        const version = Date.now().toString(36);
        const { manifestEntries } = await getManifest({
          globDirectory: folder,
          // Fonts of other alphabets and formats that no page names are not stored.
          globPatterns: ['**/*.{js,css,woff2,ttf,svg,webmanifest}'],
          globIgnores: ['service-worker.js'],
          // A file whose name contains a hash of its content never changes.
          dontCacheBustURLsMatching: /_astro\//,
          modifyURLPrefix: { '': '/' },
          maximumFileSizeToCacheInBytes: LARGEST_KEPT,
          additionalManifestEntries: PAGES.map((url) => ({ url, revision: version })),
        });
        const { outputFiles } = await build({
          entryPoints: [fileURLToPath(new URL('../src/offline/service-worker.ts', import.meta.url))],
          bundle: true,
          minify: true,
          write: false,
          define: { 'process.env.NODE_ENV': '"production"', 'self.__WB_MANIFEST': JSON.stringify(manifestEntries) },
        });
        writeFileSync(join(folder, 'service-worker.js'), outputFiles[0].contents);
      },
    },
  };
}
