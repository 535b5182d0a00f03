import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import { newLine, lineTextOf, withPlayed, withPlayedTogether } from '#core/brief/lines';
import { lineBrief } from '../../support/briefs.ts';

/** The semitones above C0. */
const [D4, B4, CIS5] = [50, 59, 61];

const text = (brief: Brief): string => lineTextOf(brief) ?? '';

describe('a key that is played in', () => {
  const line = lineBrief('violin', ['A4', 'B4'], { locks: [{ note: 1, finger: '2' }] }, 'A major');

  it('is a note after another, spelled by the key of the line; what was locked further on moves along', () => {
    const { brief, note } = withPlayed(line, 0, CIS5, '1/8');
    assert.equal(text(brief), 'A4:1/4 C#5:1/8 B4:1/4');
    assert.deepEqual([note, brief.locks], [1, [{ note: 2, finger: '2' }]]);
    assert.equal(
      text(withPlayed({ ...line, material: { ...line.material, key: 'Ab major' } as Brief['material'] }, 1, CIS5, '1/4').brief),
      'A4:1/4 B4 Db5',
    );
    assert.equal(text(withPlayed(line, 1, null, '1/2').brief), 'A4:1/4 B4 r:1/2');
    assert.equal(text(withPlayed(line, -1, D4, '1/4').brief), 'D4:1/4 A4 B4');
  });

  it('with another at the same time is a double stop, the lower first, with a third a chord; a fourth is left out', () => {
    const two = withPlayedTogether(withPlayed(line, 1, B4, '1/4').brief, 2, D4);
    assert.equal(text(two), 'A4:1/4 B4 D4+B4');
    const three = withPlayedTogether(two, 2, CIS5);
    assert.equal(text(three), 'A4:1/4 B4 D4+B4+C#5');
    assert.equal(withPlayedTogether(three, 2, CIS5), three);
  });

  it('begins a new line in place of the old, without what was asked of its notes', () => {
    const { brief, note } = newLine(line, D4, '1/2');
    assert.deepEqual([text(brief), note, brief.locks], ['D4:1/2', 0, undefined]);
  });
});
