import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
// The search is tested on the data that the plan gives it.
import { readBrief, type Task } from '#core/brief';
import { buildLattice, fold, type Lattice, type LatticeNote, restrict, unfold } from '#core/search/lattice';
import {
  backwardSums,
  bestWays,
  cheapestWay,
  cheapestWaysByShifts,
  costOfWay,
  fingeringLabel,
  forwardSums,
  groupBy,
  shiftsFirst,
} from '#core/search/ways';
import { noteSteps, solveBrief } from '#core/solve';
import { COST_TERMS } from '../../../src/words/explain/cost-terms.ts';
import { anyBriefs, fingering, lineBrief, planBest, shortLines } from '../../support/briefs.ts';
import { everyWay, leastCostsByLabels } from '../../support/brute-force.ts';

/** The largest number of candidates of a note with which everything can be tried. */
const MOST_TRIED = 7;

interface Small {
  readonly task: Task;
  readonly notes: readonly LatticeNote[];
  readonly lattice: Lattice;
}

/** Makes random lines with few enough candidates; they are thinned out evenly, so that every kind stays. */
function smallLines(most: number): fc.Arbitrary<Small> {
  return anyBriefs(most)
    .map((brief) => readBrief(brief))
    .filter((task) => task.ok)
    .map((task) => {
      const notes = noteSteps(task.value).map((step): LatticeNote => {
        const every = Math.ceil(step.candidates.length / MOST_TRIED);
        return { ...step, candidates: step.candidates.filter((_, index) => index % every === 0) };
      });
      return { task: task.value, notes, lattice: byStepsAlone(buildLattice(task.value, notes)) };
    })
    .filter(({ notes }) => notes.every((note) => note.candidates.length > 0));
}

/** Makes a lattice without costs of three notes: these searches go from step to step (see `one-hand-exact.test.ts` for the rest). */
function byStepsAlone(lattice: Lattice): Lattice {
  return { ...lattice, threes: lattice.threes.map(() => null) };
}

describe('the search', () => {
  it('finds, on a thousand random lines of all instruments, schools and wishes, the least cost that trying everything finds', () => {
    fc.assert(
      fc.property(smallLines(4), ({ task, notes, lattice }) => {
        const tried = everyWay(task, notes, fingeringLabel);
        const least = tried.reduce((cost, way) => Math.min(cost, way.cost), Infinity);
        assert.equal(cheapestWay(lattice)?.cost ?? Infinity, least);
      }),
      { numRuns: 1000, seed: 20261124 },
    );
  });

  it('finds the ten best fingerings that enumerating finds, each once, cheapest first', () => {
    fc.assert(
      fc.property(smallLines(4), ({ task, notes, lattice }) => {
        const found = bestWays(lattice, 10, groupBy(lattice, fingeringLabel));
        assert.deepEqual(
          found.map((way) => way.cost),
          leastCostsByLabels(everyWay(task, notes, fingeringLabel), 10),
        );
        assert.ok(found.every((way) => costOfWay(lattice, way.choices) === way.cost));
      }),
      { numRuns: 1000, seed: 11 },
    );
  });

  it('finds the cheapest way with every exact number of shifts', () => {
    fc.assert(
      fc.property(smallLines(4), ({ task, notes, lattice }) => {
        const tried = everyWay(task, notes, fingeringLabel);
        for (const [count, way] of cheapestWaysByShifts(lattice, 3).entries()) {
          const least = tried.filter((way) => way.shifts === count).reduce((cost, way) => Math.min(cost, way.cost), Infinity);
          assert.equal(way?.cost ?? Infinity, least, `${count} shifts`);
        }
      }),
      { numRuns: 200, seed: 3 },
    );
  });

  it('takes the fewest shifts there are, and of those ways the cheapest, when shifts go first', () => {
    fc.assert(
      fc.property(smallLines(4), ({ task, notes, lattice }) => {
        const tried = everyWay(task, notes, fingeringLabel);
        const [first] = tried.toSorted((one, other) => one.shifts - other.shifts || one.cost - other.cost);
        const way = cheapestWay(shiftsFirst(lattice));
        assert.equal(way && costOfWay(lattice, way.choices), first?.cost ?? null);
      }),
      { numRuns: 200, seed: 4 },
    );
  });

  it('knows the best line through every candidate from its forward and backward sums', () => {
    fc.assert(
      fc.property(smallLines(3), ({ task, notes, lattice }) => {
        const [forward, backward] = [forwardSums(lattice), backwardSums(lattice)];
        for (const [order, layer] of lattice.layers.entries()) {
          for (const [place, wanted] of layer.candidates.entries()) {
            const through = notes.map((note, index) => (index === order ? { ...note, candidates: [wanted] } : note));
            const least = everyWay(task, through, fingeringLabel, notes[0]?.candidates).reduce(
              (cost, way) => Math.min(cost, way.cost),
              Infinity,
            );
            assert.equal((forward.sums[order]?.[place] ?? 0) + (backward.sums[order]?.[place] ?? 0), least);
          }
        }
      }),
      { numRuns: 60, seed: 6 },
    );
  });

  it('folds a line at its top without changing what it costs', () => {
    fc.assert(
      fc.property(anyBriefs(3), (brief) => {
        if (brief.material.kind !== 'line') return;
        const notes = [...brief.material.notes, ...brief.material.notes.slice(0, -1).toReversed()];
        const task = readBrief({ ...brief, material: { ...brief.material, notes } });
        fc.pre(task.ok);
        const steps = noteSteps(task.value);
        fc.pre(steps.every((step) => step.candidates.length > 0));
        const lattice = byStepsAlone(buildLattice(task.value, steps));
        const folding = fold(lattice);
        const way = cheapestWay(folding.lattice);
        const choices = way && unfold(folding, way.choices);
        if (!choices) return;
        assert.equal(costOfWay(lattice, choices), way.cost);
        const labels = choices.map((choice, index) => fingeringLabel(lattice.layers[index]?.candidates[choice] ?? assert.fail()));
        assert.deepEqual(labels, labels.toReversed());
      }),
      { numRuns: 100, seed: 8 },
    );
  });

  it('never gets cheaper when candidates are left out', () => {
    fc.assert(
      fc.property(smallLines(4), fc.integer({ min: 0, max: 3 }), ({ lattice }, stringIndex) => {
        const fewer = cheapestWay(restrict(lattice, (placement) => placement.stringIndex !== stringIndex));
        assert.ok((fewer?.cost ?? Infinity) >= (cheapestWay(lattice)?.cost ?? Infinity));
      }),
      { numRuns: 200, seed: 9 },
    );
  });

  it('gives the same plan for the same brief, every time', () => {
    const brief = lineBrief('cello', ['Bb2', 'D3', 'F3', 'Bb3', 'D4', 'F4', 'Bb4', 'F4', 'D4'], {}, 'Bb major');
    assert.deepEqual(planBest(brief), planBest(structuredClone(brief)));
  });

  it('prices a plan by the terms it shows: they add up to the total that was minimised', () => {
    fc.assert(
      fc.property(shortLines(8), (brief) => {
        const solved = solveBrief(brief);
        fc.pre(solved.ok);
        const { cost } = planBest(brief);
        assert.equal(cost.totalThousandths, solved.value.way.cost);
        assert.ok(cost.lines.every((line) => line.term in COST_TERMS && line.times > 0));
      }),
      { numRuns: 100, seed: 5 },
    );
  });

  it('has no way through an empty layer', () => {
    assert.equal(cheapestWay({ layers: [{ candidates: [], costs: new Float64Array() }], steps: [], threes: [] }), null);
  });

  it('tells how far a long line has come, and ends when told to', () => {
    const task = readBrief(
      lineBrief(
        'violin',
        Array.from({ length: 2000 }, (_, index) => (index % 2 === 0 ? 'A4' : 'B4')),
      ),
    );
    assert.ok(task.ok);
    const shares: number[] = [];
    buildLattice(task.value, noteSteps(task.value), (share) => shares.push(share));
    assert.ok(shares.length >= 3 && shares.every((share, index) => share > (shares[index - 1] ?? 0) && share < 1));
    const stopped = new Error('enough');
    const stop = (): void => {
      throw stopped;
    };
    assert.throws(() => buildLattice(task.value, noteSteps(task.value), stop), stopped);
  });

  it('prefers the shift under an open string to the same shift without', () => {
    const brief = lineBrief('violin', ['B4', 'E5', 'C6'], { limits: { openStrings: 'prefer' } });
    const [shift] = planBest(brief).shifts;
    assert.equal(shift?.throughOpenString ?? true, true);
    assert.match(fingering(planBest(brief)), /E0/);
  });
});
