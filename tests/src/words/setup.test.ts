import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import { FIRST_BRIEF } from '#core/brief/lines';
import { handRemarks, measureAgainText, setupVersionText } from '../../../src/words/studio/setup.ts';

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

describe('an earlier version of what is in the studio', () => {
  const now = { document: { name: 'Wren’s violin' }, briefs: [FIRST_BRIEF] };

  it('is told against how it is now, each difference once', () => {
    const longer: Brief = { ...FIRST_BRIEF, instrument: { kind: 'violin', stringLengthMm: 320 } };
    assert.equal(
      setupVersionText(now, { document: { name: 'A violin' }, briefs: [longer] }),
      'goes back to: the name “A violin”; string length: 320 mm (now: typical for the size)',
    );
    const twice = { document: { name: 'Longer' }, briefs: [longer, longer] };
    assert.equal(setupVersionText({ ...now, briefs: [FIRST_BRIEF, FIRST_BRIEF] }, twice).match(/string length/g)?.length, 1);
  });

  it('that is alike says so, and one whose difference no piece tells says that there is one', () => {
    assert.equal(setupVersionText(now, { ...now, document: { name: 'Wren’s violin' } }), 'as it is now');
    const other = { document: { ...now.document, ...{ remark: 'nails' } }, briefs: now.briefs };
    assert.equal(setupVersionText(now, other), 'goes back to: other details');
  });
});
