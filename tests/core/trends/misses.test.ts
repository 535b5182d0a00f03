import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { type Arrival, COUNTED_BY, missesBy } from '#core/trends';
import { groupText, missCountsText } from '../../../src/words/practice/trends.ts';

const WEEK = 7 * 86_400_000;
const NOW = 10 * WEEK;

const arrival = (weeksAgo: number, miss: Arrival['miss'], more: Partial<Arrival> = {}): Arrival => {
  const shift = { way: 'down', fromFinger: '3', toFinger: '1' } as const;
  return {
    at: NOW - weeksAgo * WEEK - 1,
    piece: 'air',
    title: 'Air',
    note: 3,
    finger: '1',
    string: 'A4',
    position: '3',
    shift,
    miss,
    ...more,
  };
};

const PLAYED = [
  arrival(0, 'flat'),
  arrival(0, 'flat'),
  arrival(0, null),
  arrival(1, 'sharp'),
  arrival(5, 'flat'),
  arrival(0, null, { finger: '4', string: 'D4', position: '1', shift: null }),
];

describe('misses week by week', () => {
  it('are counted by finger, with how often it was played; what is before the first week counts for all of it', () => {
    assert.deepEqual(missesBy('finger', PLAYED, NOW, 2), [
      {
        group: '1',
        all: { played: 5, flat: 3, sharp: 1 },
        weeks: [
          { played: 1, flat: 0, sharp: 1 },
          { played: 3, flat: 2, sharp: 0 },
        ],
      },
      {
        group: '4',
        all: { played: 1, flat: 0, sharp: 0 },
        weeks: [
          { played: 0, flat: 0, sharp: 0 },
          { played: 1, flat: 0, sharp: 0 },
        ],
      },
    ]);
  });

  it('by shifts leave out what no shift arrives on, and every group has its words', () => {
    const told = COUNTED_BY.map((by) => missesBy(by, PLAYED, NOW, 1).map(({ group }) => groupText(by, group)));
    assert.deepEqual(told, [
      ['First finger', 'Fourth finger'],
      ['A string', 'D string'],
      ['First position', 'Third position'],
      ['Downward shifts'],
      ['Downward shifts from the third finger'],
      ['Downward shifts to the first finger'],
      ['Downward shifts from the third finger to the first finger'],
    ]);
  });

  it('are told in a few words', () => {
    assert.equal(missCountsText({ played: 3, flat: 2, sharp: 1 }), '2 flat, 1 sharp');
    assert.deepEqual([missCountsText({ played: 3, flat: 0, sharp: 0 }), missCountsText({ played: 0, flat: 0, sharp: 0 })], ['–', '']);
  });
});
