import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { type FontMeasures, formatOf, linesOfText, MM_PER_POINT, textWidthMm } from '#core/paper';
import { isOnSheet, READY_SHEETS, readySheet, readySheetOf, SHEET_PARTS } from '#core/paper/choices';

const FACE = { widths: { 97: 500, 32: 250, 160: 250 }, unknown: 1000 };
const MEASURES: FontMeasures = { serif: FACE, 'serif-bold': FACE, 'serif-italic': FACE, sans: FACE };

describe('the width of words', () => {
  it('is that of their characters, in the size of the type', () => {
    assert.equal(textWidthMm('aaaa', 'serif', 10, MEASURES), 2 * 10 * MM_PER_POINT);
    assert.equal(textWidthMm('a♭', 'sans', 20, MEASURES), 1.5 * 20 * MM_PER_POINT);
  });
});

describe('words in lines', () => {
  const lines = (text: string, widthMm: number): readonly string[] =>
    linesOfText({ text, face: 'serif', sizePt: 10 / MM_PER_POINT }, widthMm, MEASURES);

  it('break between words, at a new line, and not at a space that holds words together', () => {
    assert.deepEqual(lines('aa aa aa', 23), ['aa aa', 'aa']);
    assert.deepEqual(lines('aa\naa', 50), ['aa', 'aa']);
    assert.deepEqual(lines('aa aa\u00a0aa', 23), ['aa', 'aa\u00a0aa']);
  });

  it('break a word that is wider than a line, and lose nothing', () => {
    assert.deepEqual(lines('aaaaa', 11), ['aa', 'aa', 'a']);
    fc.assert(
      fc.property(
        fc.array(fc.string({ unit: fc.constantFrom('a', 'b', '♯'), minLength: 1, maxLength: 12 }), { maxLength: 20 }),
        (words) => {
          assert.equal(lines(words.join(' '), 25).join('').replaceAll(' ', ''), words.join(''));
        },
      ),
    );
  });
});

describe('the choices for a sheet', () => {
  it('are ready in three ways, each known again on any paper', () => {
    for (const name of READY_SHEETS) {
      assert.equal(readySheetOf(readySheet(name, { paper: 'Letter', orientation: 'landscape' })), name);
      assert.ok(SHEET_PARTS.some((part) => isOnSheet(part, readySheet(name))));
    }
    assert.equal(readySheetOf({ parts: { path: true } }), null);
  });

  it('stand on paper upright or across', () => {
    assert.deepEqual(formatOf('A4', 'portrait'), { widthMm: 210, heightMm: 297, marginMm: 14 });
    assert.deepEqual(formatOf('Letter', 'landscape'), { widthMm: 279.4, heightMm: 215.9, marginMm: 14 });
  });
});
