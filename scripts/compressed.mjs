import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { brotliCompressSync, gzipSync } from 'node:zlib';

/** The files of text; fonts are compressed already. */
const TEXT = /\.(js|css|svg|webmanifest)$/;

/**
 * Puts compressed copies beside each file, once and as small as possible: the server only has to send them. A build for tests alone does
 * without (`DOVE_PATH_UNCOMPRESSED=1`).
 */
export function compressed() {
  if (process.env['DOVE_PATH_UNCOMPRESSED'] === '1') return { name: 'compressed', hooks: {} };
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
