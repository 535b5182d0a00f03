import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { brotliCompressSync, gzipSync } from 'node:zlib';

/** What is text, and so becomes smaller; fonts come compressed. */
const TEXT = /\.(js|css|svg|webmanifest)$/;

/** Puts beside each file what browsers get of it: small as it can be, and nothing is left to do when it is asked for. */
export function compressed() {
  return {
    name: 'compressed',
    hooks: {
      'astro:build:done': ({ dir }) => {
        const folder = fileURLToPath(dir);
        for (const name of readdirSync(folder, { recursive: true }).filter((each) => TEXT.test(each))) {
          const path = join(folder, name);
          const content = readFileSync(path);
          writeFileSync(`${path}.br`, brotliCompressSync(content));
          writeFileSync(`${path}.gz`, gzipSync(content, { level: 9 }));
        }
      },
    },
  };
}
