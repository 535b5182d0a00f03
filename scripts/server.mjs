import { fileURLToPath } from 'node:url';
import { cpSync } from 'node:fs';
import { build } from 'esbuild';

/** Builds the server and the planning process, once the pages and endpoints are built. */
export function server() {
  return {
    name: 'server',
    hooks: {
      'astro:build:done': async ({ dir }) => {
        await build({
          entryPoints: {
            serve: fileURLToPath(new URL('../src/server/main.ts', import.meta.url)),
            'plan-worker': fileURLToPath(new URL('../src/server/plan-worker.ts', import.meta.url)),
          },
          outdir: fileURLToPath(new URL('..', dir)),
          outExtension: { '.js': '.mjs' },
          bundle: true,
          minify: true,
          format: 'esm',
          platform: 'node',
          packages: 'external',
          // The code that sets pages is a file of its own, which a thread loads when it needs it.
          splitting: true,
          chunkNames: 'parts/[name]-[hash]',
        });
        const faces = fileURLToPath(new URL('../src/printing/faces/made/', import.meta.url));
        cpSync(faces, fileURLToPath(new URL('../faces/', dir)), { recursive: true, filter: (path) => !/\.(js|ts|woff2)$/.test(path) });
      },
    },
  };
}
