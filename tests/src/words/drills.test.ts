import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { type DrillFamily, PLAIN_VARIANT } from '#core/drill/families';
import { alterationText, bowsText, drillTitle, originText } from '../../../src/words/drills/families.ts';
import { intervalText } from '../../../src/words/drills/stages.ts';

const title = (asks: DrillFamily): string => drillTitle({ key: 'D major', asks, variant: PLAIN_VARIANT });

describe('a drill in words', () => {
  it('is titled by what is played, where, and in which key', () => {
    const shift = { kind: 'violin', fromString: 'A4', toString: 'A4', fromFinger: '1', toFinger: '4', way: 'up' } as const;
    const asks = { family: 'shift', shift: { ...shift, distance: { by: 'positions', steps: 2 } }, letters: null, measures: 'all' } as const;
    assert.equal(title(asks), 'Shift study 1–4 up 2 positions, A string, D major');
    assert.equal(title({ family: 'position', position: '3', set: 'broken-thirds' }), 'Broken thirds in third position, D major');
    assert.equal(title({ family: 'hovering', position: 'II', strings: ['G2'] }), 'Set down at speed in position II, G string, D major');
    assert.equal(
      title({ family: 'double-stops', interval: 'fingered-octaves', built: 'at-once', position: null }),
      'Double stops in fingered octaves, D major',
    );
  });

  it('says where it comes from, and what is altered', () => {
    const request = { key: 'D major', asks: { family: 'blocks', position: '1' }, variant: PLAIN_VARIANT } as const;
    assert.equal(originText({ request, piece: 'Etude', note: 11 }), 'Written for note 12 of Etude.');
    assert.equal(originText({ request }), '');
    assert.equal(
      alterationText({ what: 'note-inserted', finger: '2', pitch: 'F2', label: 'I' }),
      'F2 is not in the key: it is put in for finger 2 in position I.',
    );
    assert.equal(alterationText({ what: 'measures-left-out', count: 1 }), '1 measure left out: no hand plays it.');
  });

  it('says what a bowing leaves over, where no rest ends a bow', () => {
    assert.equal(bowsText(31, 0, 4), '31 notes at 4 to a bow leave 3.');
    assert.equal(bowsText(32, 0, 4), '32 notes at 4 to a bow come out even.');
    assert.equal(bowsText(31, 5, 4), 'A rest ends a bow.');
    assert.equal(bowsText(31, 0, 1), '');
  });
});

describe('an interval in words', () => {
  for (const [letters, semitones, words] of [
    [0, 0, 'the same note'],
    [1, 2, 'a major second up'],
    [-1, -1, 'a minor second down'],
    [3, 6, 'an augmented fourth up'],
    [-4, -7, 'a perfect fifth down'],
    [7, 12, 'an octave up'],
    [-9, -15, 'an octave and a minor third down'],
    [14, 24, '2 octaves up'],
  ] as const)
    it(words, () => assert.equal(intervalText({ letters, semitones }), words));
});
