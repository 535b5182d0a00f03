import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import type { Brief } from '#core/brief';
import { fingeredOtherwise, comparePlans, sumsOf } from '#core/explain';
import { plan } from '#core/plan';
import { ask } from '../../support/plans/asked.ts';
import { lineBrief, planBest, shortLines } from '../../support/briefs.ts';

const up = ['G3', 'A3', 'B3', 'C4', 'D4', 'E4', 'F#4', 'G4', 'A4', 'B4', 'C5', 'D5', 'E5', 'F#5', 'G5'];
const free = lineBrief('violin', up, {}, 'G major');
const covered = lineBrief('violin', up.slice(1), { limits: { openStrings: 'none' } }, 'G major');

describe('two plans compared with each other', () => {
  it('differ where string or finger do, and nowhere else', () => {
    const compared = comparePlans(planBest(free), planBest(lineBrief('violin', up, { locks: [{ note: 4, finger: '4' }] }, 'G major')));
    assert.ok(compared);
    assert.deepEqual(compared.differsAt, [4]);
    const fourth = compared.notes[4];
    assert.deepEqual(fourth?.differs, { string: true, finger: true, position: false });
    assert.ok(compared.differsAt.length < compared.notes.length);
  });

  it('of different notes cannot be', () => {
    assert.equal(comparePlans(planBest(free), planBest(lineBrief('violin', up.slice(1)))), null);
    assert.equal(comparePlans(planBest(lineBrief('violin', ['A4'])), planBest(lineBrief('violin', ['B4']))), null);
  });

  it('can be a cello’s and a violin’s: the same sounds', () => {
    const compared = comparePlans(planBest(lineBrief('violin', ['G3', 'A3', 'B3'])), planBest(lineBrief('cello', ['G3', 'A3', 'B3'])));
    assert.equal(compared?.notes.length, 3);
  });

  it('never differ from themselves, and the sums are those of the plan', () => {
    fc.assert(
      fc.property(shortLines(8), (brief) => {
        const outcome = plan(brief);
        fc.pre(outcome.ok);
        const result = outcome.value.best;
        assert.deepEqual(fingeredOtherwise(result, result), []);
        const sums = sumsOf(result);
        assert.equal(sums.shifts, result.shifts.length);
        assert.equal(sums.costThousandths, result.cost.totalThousandths);
        assert.ok(sums.crossings <= Math.max(0, result.notes.length - 1));
      }),
      { numRuns: 30 },
    );
  });
});

describe('what the brief does to the numbers', () => {
  it('is told for each limit, wish, lock and the purpose, with the plan without it', () => {
    const brief: Brief = {
      ...covered,
      preferences: { 'low-positions': 0.7 },
      purpose: 'performance',
      locks: [{ note: 7, finger: '4' }],
    };
    const effects = ask(brief, { kind: 'effects' });
    assert.deepEqual(
      effects.map((effect) => effect.asked.name),
      ['openStrings', 'low-positions', 'purpose', 'locks'],
    );
    const [open] = effects;
    assert.ok(open && open.sums[0].openStrings === 0 && open.sums[1].openStrings > 0 && open.otherwise.length > 0);
    assert.ok(open.sums[0].costThousandths >= open.sums[1].costThousandths);
    assert.deepEqual(
      effects.map(({ priced }) => priced),
      [true, false, false, true],
    );
  });

  it('is nothing for a plain brief or one without a plan', () => {
    assert.deepEqual(ask(free, { kind: 'effects' }), []);
    assert.deepEqual(ask(lineBrief('violin', ['C2'], { purpose: 'training' }), { kind: 'effects' }), []);
  });
});
