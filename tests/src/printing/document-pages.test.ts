import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { FIRST_BRIEF } from '#core/brief/lines';
import { readySheet } from '#core/paper/choices';
import { plan } from '#core/plan';
import { ALL_KEYS, scaleBookLines } from '#core/scale-book';
import type { Body } from '../../../src/printing/body.ts';
import { documentPages } from '../../../src/printing/document-pages.ts';
import { pdfOf } from '../../../src/printing/draw/pdf.ts';
import { keyBody } from '../../../src/printing/key-body.ts';
import { sheetBody } from '../../../src/printing/sheet-pages.ts';
import { FACE_FILES_READ } from '../../support/paper/faces.ts';
import { textsOfPdf } from '../../support/paper/pdf-texts.ts';
import { plannedBriefs } from '../../support/paper/seeded-sheets.ts';
import { NOTHING_KNOWN } from '#core/drill/hot-spots';

const CHOICES = readySheet('spare');

function bookBodies(): readonly Body[] {
  const book = {
    keys: ALL_KEYS,
    order: 'fifths',
    kinds: ['scale', 'arpeggio'],
    octaves: [1],
    direction: 'up',
    minor: 'melodic-minor',
  } as const;
  return scaleBookLines(book, FIRST_BRIEF).keys.map(({ key, lines }) => {
    const printed = lines.flatMap(({ kind, brief }) => {
      const outcome = plan(brief);
      return outcome.ok ? [{ label: kind, plans: [outcome.value.best] }] : [];
    });
    return keyBody({ title: key, lines: printed, choices: CHOICES });
  });
}

describe('a document of many parts', () => {
  it('is numbered through, and its contents and outline name the pages on which they begin', async () => {
    const bodies = bookBodies();
    const document = documentPages({ title: 'Scale book', about: ['For a violin.'], bodies, choices: CHOICES });
    assert.equal(document.outline.length, bodies.length + 1);
    const texts = await textsOfPdf(pdfOf({ ...document, trueToSize: false }, FACE_FILES_READ));
    assert.equal(texts.length, document.pages.length);
    const wordsOn = (page: number): readonly string[] => (texts[page - 1] ?? []).map(({ text }) => text);
    for (const { title, page } of document.outline.slice(1)) {
      assert.ok(wordsOn(page).includes(title), `${title} on ${page}`);
      assert.ok(wordsOn(page).includes(`${page} of ${document.pages.length}`));
      const line = (texts[0] ?? []).find(({ text }) => text === title);
      const number = (texts[0] ?? []).find(({ text, baseMm }) => text === String(page) && Math.abs(baseMm - (line?.baseMm ?? 0)) < 0.1);
      assert.ok(number, `${title} has its page in the contents`);
    }
  });

  it('has contents of several pages where there are many parts, and still the right numbers', () => {
    const bodies = Array.from({ length: 120 }, (_, order): Body => {
      const [first] = bodiesOfPieces;
      assert.ok(first);
      return { ...first, title: `Part ${order + 1}` };
    });
    const { outline, pages } = documentPages({ title: 'Many', about: [], bodies, choices: CHOICES });
    const front = (outline[1]?.page ?? 0) - 1;
    assert.ok(front >= 2);
    assert.equal(pages.length, front + bodies.reduce((sum, body) => sum + body.pages.length, 0));
    assert.equal(outline.at(-1)?.page, pages.length - (bodies.at(-1)?.pages.length ?? 0) + 1);
  });

  const bodiesOfPieces = plannedBriefs(0)
    .slice(0, 2)
    .map(({ name, plan: best }) => sheetBody({ title: name, plan: best, choices: CHOICES, known: NOTHING_KNOWN, code: null }));

  it('keeps pieces of several pages together, each with its running head', () => {
    const bodies = bodiesOfPieces.map((body) => ({ ...body, pages: [...body.pages, ...body.pages] }));
    const { pages, outline } = documentPages({ title: 'Two', about: [], bodies, choices: CHOICES });
    assert.equal(pages.length, 1 + bodies.reduce((sum, body) => sum + body.pages.length, 0));
    const second = pages[(outline[1]?.page ?? 0) + 0];
    assert.ok(second?.shapes.some((shape) => shape.kind === 'text' && shape.text === outline[1]?.title && shape.sizePt < 9));
  });
});
