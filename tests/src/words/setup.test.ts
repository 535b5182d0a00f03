import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { handRemarks, measureAgainText } from '../../../src/words/setup.ts';

const today = new Date('2026-11-26');

describe('what is known of a hand besides its spans', () => {
  it('is told in sentences, and is nothing where nothing is known', () => {
    assert.deepEqual(handRemarks({ preset: 'small' }, today), []);
    const remarks = handRemarks({ fourthFinger: 'short', armMm: 520, nails: 'short on 2' }, today);
    assert.equal(remarks.length, 3);
    assert.match(remarks.join(' '), /^The fourth finger is short: .+ Arm 520 mm\. Nails: short on 2\.$/);
    assert.match(handRemarks({ fourthFinger: 'long' }, today)[0] ?? '', /^The fourth finger is long/);
  });

  it('asks to measure again when a term has passed, and not before', () => {
    assert.equal(measureAgainText('2026-10-01', today), null);
    assert.match(measureAgainText('2026-03-01', today) ?? '', /^Measured more than a term ago/);
    assert.equal(measureAgainText('', today), null);
    assert.deepEqual(handRemarks({ measuredOn: '2026-03-01' }, today), ['Measured more than a term ago: measure again, hands grow.']);
  });
});
