import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { ordinalText, positionMark } from '#core/messages';

describe('an ordinal', () => {
  it('is a word as far as positions and tapes go, and figures beyond', () => {
    assert.deepEqual([1, 5, 14].map(ordinalText), ['first', 'fifth', 'fourteenth']);
    assert.deepEqual([21, 22, 23, 24, 111].map(ordinalText), ['21st', '22nd', '23rd', '24th', '111th']);
  });

  it('ends as it is spoken in the mark of a position', () => {
    const marks = ['1', '2', '3', '4', '11'].map((label) => positionMark({ label, alteration: null }));
    assert.deepEqual(marks, ['1st pos.', '2nd pos.', '3rd pos.', '4th pos.', '11th pos.']);
  });
});
