import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { judgedAsRead, readBriefs } from '../../support/reference/read-brief.ts';
import { caseFrom, casesOf, judge } from '../../support/reference/reference-case.ts';

const judgedCases = casesOf('cases.json').map((referenceCase) => ({ referenceCase, verdict: judge(caseFrom(referenceCase)) }));
const certain = judgedCases.filter(({ referenceCase }) => referenceCase.confidence === 'certain');
const high = judgedCases.filter(({ referenceCase }) => referenceCase.confidence === 'high');

describe('the engine agrees with the teacher', () => {
  for (const { referenceCase, verdict } of certain) {
    it(`on ${referenceCase.id}: ${referenceCase.why}`, () => {
      assert.notEqual(verdict.matchedBy, null, `found ${verdict.found}\nexpected ${verdict.wanted}`);
    });
  }

  it('by the best plan itself in at least 95 of 100 certain cases', () => {
    assert.ok(certain.filter(({ verdict }) => verdict.matchedBy === 0).length >= 0.95 * certain.length);
  });

  it('in at least 85 of 100 usual cases within the best plan and three alternatives', () => {
    assert.ok(high.filter(({ verdict }) => verdict.matchedBy !== null).length >= 0.85 * high.length);
  });
});

describe('on cases of our own, coming down and going up and down, it agrees', () => {
  for (const referenceCase of casesOf('own-cases.json')) {
    it(`on ${referenceCase.id}: ${referenceCase.why}`, () => {
      const verdict = judge(caseFrom(referenceCase));
      const within = referenceCase.confidence === 'certain' ? 0 : 3;
      assert.ok(verdict.matchedBy !== null && verdict.matchedBy <= within, `found ${verdict.found}\nexpected ${verdict.wanted}`);
    });
  }
});

describe('on briefs that teachers read without knowing the engine', () => {
  const accepting = readBriefs().filter(({ accept }) => accept !== undefined);

  it('the best plan is a usual fingering, or one that was read as a teacher would write it, in 90 of 105', () => {
    const right = accepting.filter((readBrief) => judgedAsRead(readBrief, 0).rightAt === 0);
    assert.equal(accepting.length, 105);
    assert.ok(right.length >= 90, `${right.length} of ${accepting.length}`);
  });

  it('it is among the best plan and three others in 98 of 105', () => {
    const right = accepting.filter((readBrief) => judgedAsRead(readBrief).rightAt !== null);
    assert.ok(right.length >= 98, `${right.length} of ${accepting.length}`);
  });
});
