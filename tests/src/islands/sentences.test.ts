import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { describe, it } from 'node:test';
import { sentenceOf } from '../../support/sentence.ts';
import { TOLD_BRIEFS } from '../../support/plans/told-briefs.ts';

/**
 * The sentences that were read aloud and found to be English, one line for each brief; change a line only after reading the new one aloud.
 */
const READ = readFileSync(new URL('sentences.txt', import.meta.url), 'utf8')
  .trim()
  .split('\n');

describe('the sentence of a brief', () => {
  it('reads as it was judged, for sixty briefs', async () => {
    for (const [index, brief] of TOLD_BRIEFS.entries()) assert.equal(await sentenceOf(brief), READ[index]);
    assert.equal(READ.length, 60);
  });

  it('tells every part on asking, and none of it twice', async () => {
    for (const brief of TOLD_BRIEFS) {
      const whole = await sentenceOf(brief, true);
      assert.match(whole, /, (with|without|on|in) .*open strings .*, for .*, with /);
      for (const empty of [', ,', ' ,', '  ', 'undefined', 'in ,']) assert.ok(!whole.includes(empty), whole);
      const parts = whole.split(', ');
      assert.equal(new Set(parts).size, parts.length, whole);
    }
  });
});
