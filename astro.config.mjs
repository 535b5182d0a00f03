import node from '@astrojs/node';
import react from '@astrojs/react';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'astro/config';
import { coreHash } from './scripts/core-hash.mjs';
import { compressed } from './scripts/compressed.mjs';
import { contentPolicy } from './scripts/content-policy.mjs';
import { offline } from './scripts/offline.mjs';
import { server } from './scripts/server.mjs';
import { leanPdf } from './scripts/lean-pdf.mjs';
import { leanTypebox } from './scripts/lean-typebox.mjs';
import { timedTone } from './scripts/timed-tone.mjs';
import { leanVexflow } from './scripts/lean-vexflow.mjs';

/**
 * A build that has a name carries it in the names of the browser's files, so that two builds of the same code can stand for an old and a
 * new version.
 */
const { DOVE_PATH_BUILD: build } = process.env;
const named = {
  name: 'named-build',
  config: (_, { isSsrBuild }) => (build === undefined || isSsrBuild ? {} : { build: { rollupOptions: { output: namedFiles(build) } } }),
};
const namedFiles = (build) => ({ chunkFileNames: `_astro/[name].${build}.[hash].js`, entryFileNames: `_astro/[name].${build}.[hash].js` });

/** Smaller parts, in bytes before compression, are merged into others; larger ones would bring along code that a page does not need. */
const SMALLEST_PART = 1000;

export default defineConfig({
  output: 'server',
  adapter: node({ mode: 'middleware' }),
  integrations: [react(), offline(), compressed(), server(), contentPolicy()],
  // The endpoints store nothing and have no sessions: a request from another site can do no harm and gets the same answers.
  security: { checkOrigin: false },
  devToolbar: { enabled: false },
  vite: {
    // While developing, Vite serves the worker itself; the pages are isolated, and load only workers that are, too.
    server: { headers: { 'cross-origin-embedder-policy': 'require-corp' } },
    // What was worked out by another engine is worked out again; see `src/state/books/`.
    define: { 'import.meta.env.CORE_HASH': JSON.stringify(coreHash()) },
    plugins: [tailwindcss(), leanVexflow(), leanTypebox(), leanPdf(), timedTone(), named],
    // This is the same database library without the code for browsers that cannot run the rest of the application either.
    resolve: { alias: [{ find: /^dexie$/, replacement: 'dexie/dist/modern/dexie.min.mjs' }] },
    build: {
      // The lists of what each lazy part brings along are left out: they cost 2 KB of the first load.
      modulePreload: { resolveDependencies: () => [] },
      // A small part goes into another that is loaded with it, because each file costs a request of its own.
      rollupOptions: { output: { experimentalMinChunkSize: SMALLEST_PART } },
    },
    worker: { format: 'es', plugins: () => [leanTypebox(), leanVexflow(), leanPdf()] },
  },
});
