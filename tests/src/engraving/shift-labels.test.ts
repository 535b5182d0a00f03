import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { slopeLabels } from '../../../src/path/path-geometry.ts';

describe('the labels of shifts', () => {
  const label = (x: number, ...lines: string[]) => ({ x, lines });

  it('stand where their shifts are while there is room, else a little on', () => {
    assert.deepEqual(slopeLabels([label(100, '53 mm'), label(200, '48 mm')]), [label(100, '53 mm'), label(200, '48 mm')]);
    const [, moved] = slopeLabels([label(100, '53 mm'), label(130, '48 mm')]);
    assert.ok(moved && moved.x > 130 && moved.x < 160);
  });

  it('are left out where they would run into the one before, or say it again there and back', () => {
    assert.deepEqual(slopeLabels([label(100, '130 mm', '260 mm/s'), label(130, '130 mm', '260 mm/s')])[1], null);
    assert.deepEqual(slopeLabels([label(100, '130 mm', '260 mm/s'), label(110, '73 mm', '87 mm/s')])[1], null);
    const later = slopeLabels([label(100, '73 mm'), label(110, '73 mm'), label(200, '73 mm')]);
    assert.deepEqual(
      later.map((slopeLabel) => slopeLabel?.x ?? null),
      [100, null, 200],
    );
  });
});
