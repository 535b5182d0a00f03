import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { askedText, type Brief } from '#core/brief';
import { withMark } from '#core/brief/locks';
import { sumsOf } from '#core/explain';
import { DEMO_PIECES } from '../../../src/demo/pieces.ts';
import { writtenMarks } from '../../../src/engraving/written-marks.ts';
import { sumDifferences } from '../../../src/words/explain/effects.ts';
import { pieceTitle } from '../../../src/words/piece/pieces.ts';
import { libraryRow, searchFor, tagsOf } from '../../../src/words/piece/library.ts';
import { workChange } from '../../../src/words/piece/work-changes.ts';
import { ask } from '../../support/plans/asked.ts';
import { lineBrief, planBest } from '../../support/briefs.ts';

const scale: Brief = {
  instrument: { kind: 'violin', size: '4/4' },
  material: { kind: 'scale', type: 'major', tonic: 'Ab3', octaves: 2, direction: 'up' },
};

describe('what was done, in words', () => {
  const change = (after: Partial<Brief>, name = ''): string =>
    workChange({ name: '', brief: scale, lineText: '' }, { name, brief: { ...scale, ...after }, lineText: '' });

  it('names what changed and nothing else', () => {
    assert.equal(change({}, 'Monday'), 'named “Monday”');
    assert.equal(change({ tempo: 80 }), '♩ = 80');
    assert.match(
      change({ material: { kind: 'scale', type: 'major', tonic: 'A3', octaves: 2, direction: 'up' } }),
      /^A major, two octaves, up$/,
    );
    assert.equal(change({ limits: { positions: ['1', '3'] } }), 'positions: first and third position (was: any position)');
    assert.equal(change({ limits: { openStrings: 'avoid' } }), 'open strings avoided');
    assert.equal(change({ preferences: { 'strong-fingers': 1 } }), 'strong fingers on hard notes');
    assert.match(change({ instrument: { kind: 'violin', size: '3/4' } }), /^instrument: ¾ violin \(was: full-size violin\)/);
  });

  it('tells which note was fixed how, and how many were unlocked', () => {
    const fixed: Brief = { ...scale, locks: [{ note: 4, finger: '3', string: 'D4' }] };
    assert.equal(change(fixed), 'measure 2, beat 1 (E♭4) locked: 3 on D');
    const back = (locks: Brief['locks']): string =>
      workChange({ name: '', brief: { ...scale, ...(locks ? { locks } : {}) }, lineText: '' }, { name: '', brief: scale, lineText: '' });
    assert.equal(back(fixed.locks), 'measure 2, beat 1 (E♭4) unlocked');
    assert.equal(
      back([
        { note: 1, finger: '1' },
        { note: 2, finger: '2' },
      ]),
      '2 notes unlocked',
    );
    assert.equal(change({ marks: [{ note: 1, cue: 'sing' }] }), 'a mark at a note');
  });
});

describe('what the brief does, in words', () => {
  it('tells every part of the brief by what it asks', () => {
    const brief: Brief = {
      ...scale,
      limits: { positions: ['1', '2', '3', '4'], fingers: ['0', '1', '2', '3', '4'], openStrings: 'avoid' },
      preferences: { 'low-positions': 1 },
      purpose: 'training',
      locks: [{ note: 0, finger: '1' }],
    };
    assert.deepEqual(
      ask(brief, { kind: 'effects' }).map((effect) => askedText(effect.asked, brief)),
      [
        'only first, second, third and fourth position',
        'only fingers 1, 2, 3 and 4',
        'open strings avoided',
        'low positions',
        'for training',
        'one locked note',
      ],
    );
    assert.equal(askedText({ kind: 'limit', name: 'shifts' }, { ...scale, limits: { shifts: 2 } }), 'exactly 2 shifts');
    assert.equal(askedText({ kind: 'rule', name: 'wayDown' }, scale), 'the same fingering both ways');
  });

  it('counts what is more and what is fewer', () => {
    const low = sumsOf(planBest(lineBrief('violin', ['E5', 'F5', 'G5', 'A5', 'B5'])));
    const more = {
      ...low,
      shifts: low.shifts + 2,
      openStrings: Math.max(0, low.openStrings - 1),
      widestReachMm: low.widestReachMm + 4,
      costThousandths: low.costThousandths + 1400,
    };
    const told = sumDifferences(low, more, true);
    assert.equal(told[0], '2 shifts more');
    assert.match(told.join(', '), /the widest reach \d+ mm, not \d+ mm, clearly harder$/);
    assert.deepEqual(sumDifferences(low, low, true), []);
    assert.doesNotMatch(sumDifferences(low, more, false).join(), /harder/);
  });
});

describe('the library', () => {
  const rows = DEMO_PIECES.map((piece, index) => libraryRow(String(index), piece, index));

  it('is searched by every word, accidentals typed as letters', () => {
    const countFound = (search: string): number => rows.filter(searchFor(search)).length;
    assert.equal(countFound(''), rows.length);
    assert.equal(countFound('ab major'), 1);
    assert.ok(countFound('wren') >= 2);
    assert.equal(countFound('wren melodic'), 1);
    assert.equal(countFound('tuesday bass'), 2);
    assert.equal(countFound('no such piece'), 0);
  });

  it('tells the key of every piece and a title for one without a name', () => {
    assert.ok(rows.every(({ key }) => /^[A-G][♭♯]? (major|minor)$/.test(key)));
    const [piece] = DEMO_PIECES;
    assert.ok(piece);
    assert.equal(pieceTitle({ ...piece, name: '' }), 'A♭ major, three octaves, up');
    const line = lineBrief('violin', ['D4', 'E4', 'F#4', 'G4', 'A4', 'B4'], {}, 'D major');
    assert.equal(pieceTitle({ name: '', brief: line }), 'A line in D major: D E F♯ G A …');
  });

  it('takes tags as typed: trimmed, each once, no more than a piece may have', () => {
    assert.deepEqual(tagsOf(' June, concert ,june,, June'), ['June', 'concert', 'june']);
    assert.equal(tagsOf(Array.from({ length: 30 }, (_, index) => `t${index}`).join()).length, 12);
  });
});

describe('what the teacher writes', () => {
  it('has rooms of its own and letters in the order of the notes', () => {
    const brief = withMark(withMark(withMark(scale, 9, { remark: 'Second.' }), 2, { remark: 'First.', bow: 'down' }), 4, { cue: 'sing' });
    const { at, letters, rows } = writtenMarks(brief);
    assert.deepEqual(
      [...letters],
      [
        [2, 'a'],
        [9, 'b'],
      ],
    );
    assert.deepEqual([at.get(4)?.cue, rows], ['sing', { bows: true, ornaments: false, cues: true }]);
    assert.deepEqual(writtenMarks(scale).rows, { bows: false, ornaments: false, cues: false });
  });
});
