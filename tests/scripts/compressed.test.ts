import assert from 'node:assert/strict';
import { mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, describe, it } from 'node:test';
import { pathToFileURL } from 'node:url';
import { brotliDecompressSync, gunzipSync } from 'node:zlib';
import { compressed } from '../../scripts/compressed.mjs';

const TEXT = 'export const scale = "G3 A3 B3 C4 D4 E4 F#4 G4";\n'.repeat(40);

describe('the compressed copies of a build', () => {
  let folder = '';
  before(() => {
    folder = mkdtempSync(join(tmpdir(), 'dove-path-build-'));
    mkdirSync(join(folder, '_astro'));
    for (const name of ['_astro/part.js', '_astro/style.css', '_astro/font.woff2']) writeFileSync(join(folder, name), TEXT);
    compressed().hooks['astro:build:done']?.({ dir: pathToFileURL(`${folder}/`) });
  });
  after(() => rmSync(folder, { recursive: true }));

  it('stand beside each file of text, and not beside fonts, which are compressed already', () => {
    const names = readdirSync(join(folder, '_astro')).toSorted();
    assert.deepEqual(names, ['font.woff2', 'part.js', 'part.js.br', 'part.js.gz', 'style.css', 'style.css.br', 'style.css.gz']);
  });

  it('hold what the file holds, in fewer bytes', () => {
    for (const [name, read] of [
      ['_astro/part.js.br', brotliDecompressSync],
      ['_astro/part.js.gz', gunzipSync],
    ] as const) {
      const copy = readFileSync(join(folder, name));
      assert.equal(read(copy).toString(), TEXT);
      assert.ok(copy.length < TEXT.length / 4, `${name}: ${copy.length} bytes`);
    }
  });
});
