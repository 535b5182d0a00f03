import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { readBrief } from '#core/plan';
import { buildLattice, cheapestWay, COST_TERMS } from '#core/search';
// The search is tested on what the plan gives it.
import { noteSteps } from '../../core/plan/note-steps.ts';
import { fingering, lineBrief, planned, shortLines } from './briefs.ts';
import { leastCostByTrying } from './brute-force.ts';

describe('the search', () => {
  it('finds the least cost that trying everything finds', () => {
    fc.assert(
      fc.property(shortLines(3), (brief) => {
        const task = readBrief(brief);
        assert.ok(task.ok);
        const steps = noteSteps(task.value);
        fc.pre(steps.every((step) => step.candidates.length > 0));
        assert.equal(cheapestWay(buildLattice(task.value, steps))?.cost, leastCostByTrying(task.value, steps));
      }),
      { numRuns: 120, seed: 20261123 },
    );
  });

  it('gives the same plan for the same brief, every time', () => {
    const brief = lineBrief('cello', ['Bb2', 'D3', 'F3', 'Bb3', 'D4', 'F4', 'Bb4', 'F4', 'D4'], {}, 'Bb major');
    assert.deepEqual(planned(brief), planned(structuredClone(brief)));
  });

  it('prices a plan by the terms it shows: they add up to the total that was minimised', () => {
    fc.assert(
      fc.property(shortLines(8), (brief) => {
        const task = readBrief(brief);
        assert.ok(task.ok);
        const steps = noteSteps(task.value);
        fc.pre(steps.every((step) => step.candidates.length > 0));
        const { cost } = planned(brief);
        assert.equal(cost.totalThousandths, cheapestWay(buildLattice(task.value, steps))?.cost);
        assert.ok(cost.lines.every((line) => line.term in COST_TERMS && line.times > 0));
      }),
      { numRuns: 100, seed: 5 },
    );
  });

  it('has no way through an empty layer', () => {
    assert.equal(cheapestWay({ layers: [{ candidates: [], costs: new Float64Array() }], steps: [] }), null);
  });

  it('prefers the shift under an open string to the same shift without', () => {
    const brief = lineBrief('violin', ['B4', 'E5', 'C6'], { limits: { openStrings: 'prefer' } });
    const [shift] = planned(brief).shifts;
    assert.equal(shift?.throughOpenString ?? true, true);
    assert.match(fingering(planned(brief)), /E0/);
  });
});
