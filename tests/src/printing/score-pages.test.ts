import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { type ClassScore, sharedStaffs } from '#core/class-score';
import { ORIENTATIONS, PAPER_NAMES, type PaperShape } from '#core/paper';
import { PRINT_SIZES, type SheetChoices } from '#core/paper/choices';
import { type SheetPages, withEnds } from '../../../src/printing/body.ts';
import { scoreBody } from '../../../src/printing/score-body.ts';
import { classAbout, classRows, classTold, staffName } from '../../../src/words/paper/class-score.ts';
import { scoreFor, seededClass, seededClassLine } from '../../support/class-score/seeded-classes.ts';
import { wrongOn } from '../../support/paper/wrong-on.ts';

const SCORES = [0, 1, 2, 3, 4, 6, 7, 9, 13, 15].map((line, order) => scoreFor(seededClass(order), seededClassLine(line), 'octaves'));

function pagesOf(score: ClassScore, choices: SheetChoices): SheetPages {
  const staffs = sharedStaffs(score.parts).flatMap((parts) => (parts[0] ? [{ name: staffName(parts), plan: parts[0].plan }] : []));
  const words = { title: 'A line', about: classAbout(score, 'octaves'), told: classTold(score), rows: classRows(score) };
  return withEnds(scoreBody({ ...words, staffs, choices }));
}

describe('the pages of a class score', () => {
  for (const paper of PAPER_NAMES) {
    for (const orientation of ORIENTATIONS) {
      it(`stay on ${paper} ${orientation} in every size, and no words run into others or into notes`, () => {
        for (const [order, score] of SCORES.entries()) {
          for (const size of PRINT_SIZES) {
            const { pages, format } = pagesOf(score, { paper, orientation, size });
            const wrong = pages.flatMap((shapes, number) => wrongOn(shapes, format).map((told) => `page ${number + 1}: ${told}`));
            assert.deepEqual(wrong, [], `score ${order}, ${size}`);
          }
        }
      });
    }
  }

  it('set the notes that sound together one above the other', () => {
    const [score] = SCORES;
    assert.ok(score);
    const whole = score.parts.filter(({ changes }) => changes.length === 0);
    assert.ok(whole.length >= 2);
    const [page = []] = pagesOf({ ...score, parts: whole }, {}).pages;
    const heads = notesOnPage(page);
    const columns = new Map<number, number>();
    for (const x of heads) {
      const near = [...columns.keys()].find((column) => Math.abs(column - x) < 0.4) ?? x;
      columns.set(near, (columns.get(near) ?? 0) + 1);
    }
    const staffs = sharedStaffs(whole).length;
    assert.deepEqual([...new Set(columns.values())], [staffs]);
  });
});

/** The code point of a black note head in the music font. */
const BLACK_HEAD = 0xe0a4;

function notesOnPage(shapes: readonly PaperShape[]): readonly number[] {
  return shapes.flatMap((shape) => (shape.kind === 'sign' && shape.sign.codePointAt(0) === BLACK_HEAD ? [shape.atMm[0]] : []));
}
