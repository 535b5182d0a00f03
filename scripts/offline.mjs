import { readdirSync, statSync, writeFileSync } from 'node:fs';
import { join, relative, sep } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build } from 'esbuild';

/** Pages of the application; each is kept as it was served when this version was first opened. */
const PAGES = readdirSync(new URL('../src/pages/', import.meta.url))
  .filter((name) => name.endsWith('.astro'))
  .map((name) => (name === 'index.astro' ? '/' : `/${name.replace('.astro', '')}`));

/** Fonts of other alphabets and formats that no page names are not kept. */
const KEPT = /\.(js|css|woff2|svg)$/;

/** Writes the service worker with the list of everything it keeps, once the application is built. */
export function offline() {
  return {
    name: 'offline',
    hooks: {
      'astro:build:done': async ({ dir }) => {
        const folder = fileURLToPath(dir);
        const version = Date.now().toString(36);
        const files = filesIn(folder).filter((file) => KEPT.test(file) && file !== 'service-worker.js');
        const manifest = [
          // A file whose name holds a hash of what is in it never changes.
          ...files.map((file) => ({ url: `/${file}`, revision: file.startsWith('_astro/') ? null : version })),
          ...PAGES.map((url) => ({ url, revision: version })),
        ];
        const { outputFiles } = await build({
          entryPoints: [fileURLToPath(new URL('../src/offline/service-worker.ts', import.meta.url))],
          bundle: true,
          minify: true,
          write: false,
          define: { 'process.env.NODE_ENV': '"production"', 'self.__WB_MANIFEST': JSON.stringify(manifest) },
        });
        writeFileSync(join(folder, 'service-worker.js'), outputFiles[0].contents);
      },
    },
  };
}

function filesIn(folder, from = folder) {
  return readdirSync(from).flatMap((name) => {
    const path = join(from, name);
    return statSync(path).isDirectory() ? filesIn(folder, path) : [relative(folder, path).split(sep).join('/')];
  });
}
