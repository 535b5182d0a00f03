import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { FACES, ORIENTATIONS, PAPER_NAMES, type PaperShape, type TextShape } from '#core/paper';
import { READY_SHEETS, readySheet, type SheetChoices, SHEET_PARTS, STAFF_MM } from '#core/paper/choices';
import { pdfOf } from '../../../src/printing/draw/pdf.ts';
import { svgText } from '../../../src/printing/draw/svg-text.ts';
import { FACE_MEASURES } from '../../../src/printing/faces/made/measures.js';
import { boxOf } from '../../support/paper/boxes.ts';
import { FACE_FILES_READ } from '../../support/paper/faces.ts';
import { lengthMm, linesOfPdf } from '../../support/pdf-lines.ts';
import { textsOfPdf } from '../../support/paper/pdf-texts.ts';
import { wrongOn } from '../../support/paper/wrong-on.ts';
import { plannedBriefs, sheetOf } from '../../support/paper/seeded-sheets.ts';

const BRIEFS = plannedBriefs(60);

/** Every part at once: the fullest page there can be. */
const EVERYTHING: SheetChoices = { parts: Object.fromEntries(SHEET_PARTS.map((part) => [part, true])) };

function textsIn(shapes: readonly PaperShape[]): readonly TextShape[] {
  return shapes.filter((shape) => shape.kind === 'text');
}

describe(`the pages of ${BRIEFS.length} pieces, in every choice on every paper`, () => {
  const choices = (paper: (typeof PAPER_NAMES)[number], orientation: (typeof ORIENTATIONS)[number]): readonly SheetChoices[] => [
    ...READY_SHEETS.map((name) => readySheet(name, { paper, orientation })),
    { ...EVERYTHING, paper, orientation },
  ];

  for (const paper of PAPER_NAMES) {
    for (const orientation of ORIENTATIONS) {
      it(`stay on ${paper} ${orientation}, and no words run into others or into notes`, () => {
        for (const brief of BRIEFS) {
          for (const chosen of choices(paper, orientation)) {
            const { pages, format } = sheetOf(brief, chosen);
            const wrong = pages.flatMap((shapes, number) => wrongOn(shapes, format).map((told) => `page ${number + 1}: ${told}`));
            assert.deepEqual(wrong, [], brief.name);
          }
        }
      });
    }
  }

  it('set no character that their face lacks', () => {
    for (const brief of BRIEFS) {
      for (const shapes of sheetOf(brief, EVERYTHING).pages) {
        const lacking = textsIn(shapes).flatMap(({ text, face }) =>
          [...text].filter((character) => FACE_MEASURES[face].widths[character.codePointAt(0) ?? 0] === undefined),
        );
        assert.deepEqual(lacking, [], brief.name);
      }
    }
  });

  it('are the same when they are set once more', () => {
    const [brief] = BRIEFS;
    assert.ok(brief);
    assert.deepEqual(sheetOf(brief, EVERYTHING), sheetOf(brief, EVERYTHING));
  });
});

describe('a sheet as PDF', () => {
  const pdfOfSheet = (choices: SheetChoices, order = 0) => {
    const brief = BRIEFS[order];
    assert.ok(brief);
    const { pages, format, title } = sheetOf(brief, choices);
    const document = { title, pages: pages.map((shapes) => ({ ...format, shapes })), outline: [{ title, page: 1 }], trueToSize: true };
    return { pages, pdf: pdfOf(document, FACE_FILES_READ) };
  };

  it('has its words as text, each within 0.3 mm of its place on the screen', async () => {
    const { pages, pdf } = pdfOfSheet(EVERYTHING);
    const read = await textsOfPdf(pdf);
    assert.equal(read.length, pages.length);
    for (const [number, shapes] of pages.entries()) {
      const texts = textsIn(shapes).filter(({ text }) => text.trim() !== '');
      const there = read[number] ?? [];
      for (const shape of texts) {
        const { left, right } = boxOf(shape);
        const near = there.some(
          ({ leftMm, baseMm, widthMm }) =>
            Math.abs(leftMm - left) < 0.3 && Math.abs(baseMm - shape.atMm[1]) < 0.3 && widthMm <= right - left + 0.3,
        );
        assert.ok(near, `${shape.text} at ${shape.atMm.join()}`);
      }
      const letters = (text: string): string => [...text.normalize('NFKD').replaceAll(/\s/g, '')].toSorted().join('');
      assert.equal(letters(there.map(({ text }) => text).join('')), letters(texts.map(({ text }) => text).join('')));
    }
  });

  for (const size of ['usual', 'large', 'largest'] as const) {
    it(`has a staff of ${STAFF_MM[size]} mm in the ${size} size`, () => {
      const { pdf } = pdfOfSheet({ ...readySheet('spare'), size });
      const level = linesOfPdf(pdf).filter((line) => line.from[1] === line.to[1] && lengthMm(line) > 25);
      const lines = [...new Set(level.map(({ from }) => Math.round(from[1] * 100) / 100))]
        .toSorted((one, other) => one - other)
        .slice(0, 5);
      assert.equal(lines.length, 5);
      assert.ok(Math.abs((lines[4] ?? 0) - (lines[0] ?? 0) - STAFF_MM[size]) < 0.02, lines.join());
    });
  }

  it('has a title, a language and an outline, and nobody’s name but its player’s', () => {
    const { pdf } = pdfOfSheet(readySheet('usual'));
    const text = Buffer.from(pdf).toString('latin1');
    for (const part of [/\/Title/, /\/Lang \(en-GB\)/, /\/Outlines/, /\/PrintScaling\s*\/None/]) assert.match(text, part);
  });

  it('carries only the faces it uses, as text that can be searched', () => {
    const text = Buffer.from(pdfOfSheet(readySheet('usual')).pdf).toString('latin1');
    assert.ok((text.match(/\/ToUnicode/g) ?? []).length >= 2);
    assert.ok((text.match(/\/FontFile2/g) ?? []).length <= FACES.length);
  });
});

describe('a page as a drawing', () => {
  it('is SVG in millimetres with its words as text', () => {
    const [brief] = BRIEFS;
    assert.ok(brief);
    const { pages, format, title } = sheetOf(brief, readySheet('usual'));
    const text = svgText({ title: `${title} & more`, ...format, shapes: pages[0] ?? [], styles: '' });
    assert.match(text, /^<svg [^>]*width="210mm" height="297mm" viewBox="0 0 210 297"/);
    assert.match(text, /<title>.* &amp; more<\/title>/);
    assert.match(text, /<text [^>]*>Finger patterns<\/text>/);
  });
});
