import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { handsHere } from '#core/fit';
import { againstTapes, tapeOfFinger } from '#core/tapes';
import type { Brief } from '#core/brief';
import type { InstrumentKind } from '#core/instrument';
import { handsHereText } from '../../../src/words/hand/hands-here.ts';
import { againstTapesText } from '../../../src/words/hand/tapes.ts';
import { lineBrief, planBest } from '../../support/briefs.ts';

/** Gives what the bow needs at the last note of a line. */
function atLast(kind: InstrumentKind, pitches: readonly string[], more: Partial<Brief> = {}) {
  const plan = planBest(lineBrief(kind, pitches, more));
  const note = plan.notes.at(-1);
  assert.equal(note?.kind, 'note');
  return note?.kind === 'note' ? handsHere(plan, note) : null;
}

describe('the bow at a note', () => {
  it('needs nothing else in first position, on any instrument', () => {
    assert.equal(atLast('violin', ['A4', 'B4', 'C5']), null);
    assert.equal(atLast('viola', ['C3', 'G3', 'A3']), null);
    assert.equal(atLast('cello', ['C2', 'D2', 'F2']), null);
    assert.equal(atLast('bass', ['E1', 'F1', 'G1']), null);
  });

  it('comes nearer to the bridge high on a thin string, with less weight', () => {
    const here = atLast('violin', ['E6', 'G6']);
    assert.equal(here?.bow, 'short-string');
    assert.ok(here && here.contactMm < here.homeContactMm);
    assert.match(handsHereText(here), /^The bow \d+\.\d mm from the bridge; in first position \d+\.\d mm\. The string is short here/);
  });

  it('needs more weight high on a thick string', () => {
    assert.equal(atLast('violin', ['G4', 'A4', 'B4', 'C5'], { limits: { strings: ['G3'] } })?.bow, 'thick-and-short');
    assert.equal(atLast('cello', ['C3'], { limits: { strings: ['C2'], openStrings: 'none' } })?.bow, 'thick-and-short');
  });

  it('stands where the school says, for the position that it names', () => {
    const school = { contactMm: { violin: { '1': 30, '7': 12 } } };
    const here = atLast('violin', ['A6'], { school, limits: { positions: ['7'] } });
    assert.deepEqual([here?.contactMm, here?.homeContactMm], [12, 30]);
  });
});

describe('a finger against the tapes', () => {
  const textAt = (place: number, own: number | null): string => {
    const against = againstTapes([2, 4, 5, 7], place, own);
    return against ? againstTapesText(against) : '';
  };

  it('is on its own tape or a semitone beside it in first position, wherever the others are', () => {
    assert.deepEqual(
      [textAt(4, 2), textAt(3, 2), textAt(3, 1)],
      ['on the second tape', 'just below the second tape', 'just above the first tape'],
    );
    assert.equal(textAt(4, 3), 'just below the third tape', 'a low third finger, though the second tape is there');
    assert.deepEqual(
      [textAt(6, 4), textAt(6, 3), textAt(1, 1)],
      ['just below the fourth tape', 'just above the third tape', 'just below the first tape'],
    );
  });

  it('is told against the nearest tape in other positions, the lower of two, and in semitones beyond the last', () => {
    assert.deepEqual(
      [textAt(5, null), textAt(3, null), textAt(9, null)],
      ['on the third tape', 'just above the first tape', '2 semitones above the fourth tape'],
    );
  });

  it('has a tape of its own in first position only, on the double bass the third for the fourth finger', () => {
    assert.deepEqual(
      [tapeOfFinger('violin', '3', '1'), tapeOfFinger('violin', '3', '3'), tapeOfFinger('cello', 'T', '1')],
      [3, null, null],
    );
    assert.deepEqual([tapeOfFinger('bass', '4', 'I'), tapeOfFinger('bass', '2', 'I')], [3, 2]);
  });

  it('is not told without tapes, and tapes may come in any order', () => {
    assert.equal(againstTapes([], 3, 1), null);
    assert.deepEqual(againstTapes([7, 2], 7, null), { tape: 2, semitones: 0 });
  });
});
