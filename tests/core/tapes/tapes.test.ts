import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { FIRST_TAPES } from '#core/hand';
import { INSTRUMENT_KINDS, SIZES } from '#core/instrument';
import { mmFromNut } from '#core/instrument/geometry';
import { type Paper, PAPERS } from '#core/paper';
import { CHECK_BAR_MM, sectionMm, STRIP_TOP_MM, type Tape, tapePages } from '#core/tapes';
import { pdfOf } from '../../../src/printing/draw/pdf.ts';
import { FACE_FILES_READ } from '../../support/paper/faces.ts';
import { textsOfPdf } from '../../support/paper/pdf-texts.ts';
import { lengthMm, linesOfPdf, type PdfLine } from '../../support/pdf-lines.ts';

function tapesAt(places: readonly number[]): readonly Tape[] {
  return places.map((mm) => ({ mm, label: `${mm}`, notes: 'E♭' }));
}

function printTape(places: readonly number[], paper: Paper): readonly PdfLine[] {
  return linesOfPdf(tapePdf('Tapes for a ½ cello', places, paper));
}

function tapePdf(title: string, places: readonly number[], paper: Paper): ArrayBuffer {
  const { pages, ...size } = tapePages([title], tapesAt(places), paper);
  return pdfOf({ title, pages: pages.map((shapes) => ({ ...size, shapes })), outline: [], trueToSize: true }, FACE_FILES_READ);
}

/** Finds lines across the strip: 26 mm wide, level. */
function across(lines: readonly PdfLine[]): readonly PdfLine[] {
  return lines.filter((line) => Math.abs(lengthMm(line) - 26) < 0.01 && line.from[1] === line.to[1]);
}

function near(actual: number | undefined, expected: number): void {
  assert.ok(actual !== undefined && Math.abs(actual - expected) < 0.1, `${actual} is not ${expected}`);
}

/** The places for 328 mm, calculated by hand: 328·(1 − 2^(−n/12)) for n = 2, 4, 5, 7. */
const VIOLIN_BY_HAND = [35.78, 67.66, 82.28, 109.09];

describe('a strip of tapes in its PDF', () => {
  for (const paper of ['A4', 'Letter'] as const) {
    it(`has every tape within a tenth of a millimetre of its place on ${paper}`, () => {
      const places = FIRST_TAPES.violin.map((semitones) => mmFromNut(328, semitones));
      const [nut, _end, ...tapes] = across(printTape(places, paper)).map((line) => line.from[1]);
      near(nut, STRIP_TOP_MM);
      VIOLIN_BY_HAND.forEach((mm, index) => near((tapes[index] ?? 0) - (nut ?? 0), mm));
    });

    it(`has bars of 100 mm along and across, and a mark at the middle of each edge, on ${paper}`, () => {
      const lines = printTape([50], paper);
      const bars = lines.filter((line) => Math.abs(lengthMm(line) - CHECK_BAR_MM) < 0.1);
      assert.equal(bars.length, 2);
      const { widthMm, heightMm } = PAPERS[paper];
      const marks = lines.filter((line) => Math.abs(lengthMm(line) - 5) < 0.01);
      assert.equal(marks.filter((line) => Math.abs(line.from[0] - widthMm / 2) < 0.1).length, 2);
      assert.equal(marks.filter((line) => Math.abs(line.from[1] - heightMm / 2) < 0.1).length, 2);
    });

    it(`longer than ${paper} goes on over pages: from a join on, places count from that join`, () => {
      const places = [100, 300, 700];
      const lines = printTape(places, paper);
      const pages = Math.ceil(708 / sectionMm(paper));
      assert.equal(new Set(lines.map((line) => line.page)).size, pages);
      // Joins reach beyond the strip on both sides: one at the end of each page, one at the start of the next.
      const joins = lines.filter((line) => Math.abs(lengthMm(line) - 38) < 0.01);
      assert.equal(joins.length, 2 * (pages - 1));
      for (const mm of places) {
        const page = Math.floor(mm / sectionMm(paper));
        const start = page === 0 ? STRIP_TOP_MM : (joins.find((line) => line.page === page)?.from[1] ?? 0);
        const expected = start + mm - page * sectionMm(paper);
        assert.ok(
          across(lines).some((line) => line.page === page && Math.abs(line.from[1] - expected) < 0.1),
          `${mm} mm on page ${page + 1}`,
        );
      }
    });
  }

  it('stays inside the paper, for every size of every instrument', () => {
    for (const kind of INSTRUMENT_KINDS) {
      for (const { stringLengthMm } of SIZES[kind]) {
        const places = [...FIRST_TAPES[kind], 12, 24].map((semitones) => mmFromNut(stringLengthMm, semitones));
        for (const { from, to } of printTape(places, 'Letter'))
          for (const [x, y] of [from, to]) assert.ok(x >= 5 && x <= PAPERS.Letter.widthMm - 5 && y >= 5 && y <= PAPERS.Letter.heightMm - 5);
      }
    }
  });

  it('writes accidentals and fractions as they are read, and asks not to be scaled', async () => {
    const pdf = tapePdf('A ½ cello', [20], 'A4');
    const texts = (await textsOfPdf(pdf)).flatMap((page) => page.map(({ text }) => text));
    assert.ok(texts.includes('A ½ cello') && texts.includes('E♭'), texts.join(' | '));
    assert.match(Buffer.from(pdf).toString('latin1'), /\/PrintScaling\s*\/None/);
  });
});
