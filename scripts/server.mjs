import { fileURLToPath } from 'node:url';
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
        });
      },
    },
  };
}
