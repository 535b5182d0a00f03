import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { School } from '#core/brief/parts/school';
import { type Leaning, leaningsOn } from '#core/habits';
import { INSTRUMENT_KINDS } from '#core/instrument';
import { isTaughtIn, withLearnt, withoutLearnt } from '../../../src/records/learnt-school.ts';

const SCHOOL: School = { ways: { openUp: 'open', guide: 'old-finger' }, weights: { violin: { shift: 2000 } } };

describe('what a school has learnt', () => {
  it('is in it, whatever was learnt on whatever instrument, and is gone when it is taken back', () => {
    for (const kind of INSTRUMENT_KINDS) {
      for (const leaning of leaningsOn(kind).filter((other) => !isTaughtIn(SCHOOL, other, kind))) {
        const learnt = withLearnt(SCHOOL, [leaning], kind);
        assert.ok(isTaughtIn(learnt, leaning, kind));
        const back = withoutLearnt(learnt, SCHOOL, leaning, kind);
        assert.deepEqual(back.ways, SCHOOL.ways);
        assert.deepEqual({ ...back.weights?.[kind] }, { ...SCHOOL.weights?.[kind] });
      }
    }
  });

  it('can be taken back on another day, when nobody knows what was before it', () => {
    const leaning: Leaning = { question: 'openUp', side: 'fourth' };
    const learnt = withLearnt(SCHOOL, [leaning], 'violin');
    assert.equal(withoutLearnt(learnt, learnt, leaning, 'violin').ways?.openUp, undefined);
  });
});
