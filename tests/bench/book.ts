import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { FIRST_BRIEF } from '#core/brief/lines';
import type { InstrumentKind } from '#core/instrument';
import { plan } from '#core/plan';
import { ALL_KEYS, type ScaleBook, scaleBookLines } from '#core/scale-book';
import type { Body } from '../../src/printing/body.ts';
import { documentPages } from '../../src/printing/document-pages.ts';
import { pdfOf } from '../../src/printing/draw/pdf.ts';
import { keyBody } from '../../src/printing/key-body.ts';
import { FACE_FILES_READ } from '../support/paper/faces.ts';

/** The books that are made: 24 keys with four lines each, in as many octaves as are usual on the instrument. */
const BOOKS: readonly { readonly kind: InstrumentKind; readonly octaves: ScaleBook['octaves'] }[] = [
  { kind: 'violin', octaves: [1, 2, 3] },
  { kind: 'bass', octaves: [1, 2] },
];

/** The looks of printed keys. */
const CHOICES = { parts: { staff: true, strings: true, positions: true } };

/** With names of instruments after it, only their books are made: the memory of a process grows with each. */
const only = process.argv.slice(2);

for (const { kind, octaves } of BOOKS.filter((book) => only.length === 0 || only.includes(book.kind))) makeBook(kind, octaves);

/** Plans, sets and writes a book on one core, and prints what it took; a PDF reader of Debian's reads it back where there is one. */
function makeBook(kind: InstrumentKind, octaves: ScaleBook['octaves']): void {
  const began = performance.now();
  const kinds = ['scale', 'arpeggio', 'dominant-seventh', 'diminished-seventh'] as const;
  const book: ScaleBook = { keys: ALL_KEYS, order: 'fifths', kinds, octaves, direction: 'up-down', minor: 'melodic-minor' };
  const { keys, leftOut } = scaleBookLines(book, { ...FIRST_BRIEF, instrument: { kind } });
  let unplayable = 0;
  const bodies = keys.map(({ key, lines }): Body => {
    const printed = lines.flatMap(({ kind: label, brief }) => {
      const outcome = plan(brief);
      if (!outcome.ok) unplayable += 1;
      return outcome.ok ? [{ label, plans: [outcome.value.best] }] : [];
    });
    return keyBody({ title: key, lines: printed, choices: CHOICES });
  });
  const document = documentPages({ title: 'Scale book', about: [], bodies, choices: CHOICES });
  const set = performance.now();
  const pdf = Buffer.from(pdfOf({ ...document, trueToSize: false }, FACE_FILES_READ));
  const written = performance.now();
  const lines = keys.reduce((sum, key) => sum + key.lines.length, 0);
  const seconds = (ms: number): string => (ms / 1000).toFixed(1);
  console.log(
    `${kind}: ${lines} lines, ${leftOut.length} beyond the instrument, ${unplayable} that no hand plays; ${document.pages.length} pages; ` +
      `planned and set in ${seconds(set - began)} s, written in ${seconds(written - set)} s, ${(pdf.length / 1e6).toFixed(1)} MB; ` +
      `${Math.round(process.resourceUsage().maxRSS / 1024)} MB of memory at most`,
  );
  readBack(pdf);
}

function readBack(pdf: Buffer): void {
  const folder = mkdtempSync(join(tmpdir(), 'book-'));
  const file = join(folder, 'book.pdf');
  writeFileSync(file, pdf);
  const info = spawnSync('pdfinfo', [file], { encoding: 'utf8' });
  const text = spawnSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' });
  rmSync(folder, { recursive: true });
  if (info.error ?? text.error) return console.log('No PDF reader is here: apt-get install poppler-utils');
  const found = ALL_KEYS.filter((key) => text.stdout.includes(key)).length;
  console.log(
    `  read back: ${/Pages:\s+(\d+)/.exec(info.stdout)?.[1] ?? '?'} pages, ${found} of ${ALL_KEYS.length} keys found in its text`,
  );
}
