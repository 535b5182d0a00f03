import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { isShift, type Placement } from '#core/hand/placement';
import { type Lattice, threesOn } from '#core/search/lattice';
import { cheapestWay } from '#core/search/ways';
import { attempt, handBreaks, oneHandWays } from '#core/solve';
import { lineAlongString, lineOfSemitones, randomLine } from '../../support/plans/random-lines.ts';
import { leastCostByStays } from '../../support/plans/stay-programme.ts';

/** Finds the least cost of a line in which every stay is one hand. It tries every way, and gives one up once it costs more than `most`. */
function leastByTrying(isOneHand: (placements: readonly Placement[]) => boolean, { layers, steps, threes }: Lattice, most: number): number {
  const bound = most + 300 * layers.length;
  const go = (index: number, cost: number, before: number, placed: readonly Placement[]): number => {
    const layer = layers[index];
    if (!layer) return isOneHand(placed) ? cost : Infinity;
    return layer.candidates.reduce((least, placement, candidate) => {
      const step =
        index === 0 ? 0 : (steps[index - 1]?.costs[candidate * (layers[index - 1]?.candidates.length ?? 0) + before] ?? Infinity);
      const ofThree = costOfThree(threes[index - 1], [...placed.slice(-2), placement]);
      const next = cost + step + ofThree + (layer.costs[candidate] ?? Infinity);
      return next > bound ? least : Math.min(least, go(index + 1, next, candidate, [...placed, placement]));
    }, Infinity);
  };
  return go(0, 0, 0, []);
}

/** Gives the cost of the middle one of three placements beside the others. */
function costOfThree(three: Lattice['threes'][number] | undefined, [before, here, after]: readonly Placement[]): number {
  if (!three || !before || !here || !after) return 0;
  const [comes, leaves] = [isShift(before, here), isShift(here, after)];
  if (comes) return leaves && here.finger !== '0' && here.upper === null ? three.oneNoteStay : 0;
  return !leaves && (before.finger === '0') !== (after.finger === '0') ? three.openAndStopped : 0;
}

describe('the search for one hand', () => {
  it('finds the least cost: as stay by stay does, and that as trying every way does', () => {
    for (let seed = 0; seed < 120; seed += 1) {
      const tried = attempt(randomLine(seed, 6));
      assert.ok(tried.kind === 'solved', `seed ${seed}`);
      const { task, lattice, way } = tried.solved;
      const byStays = leastCostByStays(task.hand, lattice, way.cost);
      assert.equal(way.cost, byStays, `seed ${seed}`);
      const byTrying = leastByTrying((placements) => handBreaks(task.hand, placements).length === 0, lattice, way.cost);
      assert.equal(byStays, byTrying, `seed ${seed}`);
    }
  });

  it('finds it in longer lines, too, whichever way it is found', () => {
    for (let seed = 1000; seed < 1040; seed += 1) {
      const tried = attempt(randomLine(seed, 30));
      assert.ok(tried.kind === 'solved', `seed ${seed}`);
      const { task, lattice, way } = tried.solved;
      assert.equal(way.cost, leastCostByStays(task.hand, lattice, way.cost), `seed ${seed}`);
      assert.equal(oneHandWays(task.hand, lattice).ways[0]?.cost, way.cost, `seed ${seed}`);
    }
  });

  it('finds it where three notes in a row cost something, asking again or at once', () => {
    let costlier = 0;
    for (let seed = 3000; seed < 3200; seed += 1) {
      const tried = attempt(lineAlongString(seed, 9));
      if (tried.kind !== 'solved') continue;
      const { task, lattice, way } = tried.solved;
      const first = cheapestWay(lattice);
      if (!first || threesOn(lattice, first.choices).length === 0) continue;
      costlier += 1;
      assert.equal(way.cost, leastCostByStays(task.hand, lattice, way.cost), `seed ${seed}`);
      assert.equal(oneHandWays(task.hand, lattice).ways[0]?.cost, way.cost, `seed ${seed}`);
    }
    assert.ok(costlier > 10, `${costlier} lines`);
  });

  it('refuses no line of semitones that has a fingering: 49 notes between G3 and A♭4, and 60 lines of up to 300 notes', () => {
    const easy = Array.from({ length: 49 }, (_, index) => 55 + ((index * 5) % 14));
    assert.equal(attempt(lineOfSemitones('violin', easy)).kind, 'solved');
    for (let seed = 2000; seed < 2060; seed += 1) assert.equal(attempt(randomLine(seed, 300)).kind, 'solved', `seed ${seed}`);
  });
});
