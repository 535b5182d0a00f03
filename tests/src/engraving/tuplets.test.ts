import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Head, HeadTuplet } from '../../../src/engraving/draw-measures.ts';
import { footOf, tupletsOf } from '../../../src/engraving/tuplets.ts';

const layout = { staffTopY: 60 };

function head(index: number, tuplet: HeadTuplet | null, more: Partial<Head> = {}): Head {
  const x = 30 * index;
  const place = { x, y: 120, left: x - 6, right: x + 6, top: 85, bottom: 125, stemUp: true };
  const plain = { rest: false, accidental: false, accent: null, articulation: null, tiedFromBefore: false, tiedToNext: false, slur: null };
  return { index, ...place, ...plain, octaveLine: false, small: false, passedBy: null, tuplet, ...more };
}

describe('tuplets on the staff', () => {
  const triplet = (place: HeadTuplet['place'], beamed = true): HeadTuplet => ({ place, notes: 3, beamed });

  it('are gathered from their first to their last note, and need no bracket under one beam', () => {
    const heads = [
      head(0, null),
      head(1, triplet('begins')),
      head(2, triplet('continues')),
      head(3, triplet('ends')),
      head(4, triplet('alone', false)),
    ];
    const drawn = tupletsOf(heads, layout);
    assert.deepEqual(
      drawn.map(({ left, right, bracketed }) => [left, right, bracketed]),
      [
        [24, 96, false],
        [114, 126, true],
      ],
    );
  });

  it('stand below the lowest of their notes, its accent and the slur that hangs there, and outside the staff', () => {
    const at = (more: Partial<Head>): number => tupletsOf([head(1, triplet('alone'), more)], layout)[0]?.y ?? 0;
    const plain = at({});
    assert.ok(plain > 125);
    assert.ok(at({ accent: 'accent' }) > plain);
    assert.ok(at({ slur: 'begins' }) > plain);
    assert.ok(at({ bottom: 70 }) > 100, 'below the bottom line');
    assert.equal(footOf(head(1, null, { slur: 'begins', stemUp: false }), layout), 125, 'a slur above takes no room below');
  });
});
