import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { cheapestCover, type CoveringSet } from '#core/drill/cover';
import { finish } from '#core/result';

const never = (): boolean => false;

/** Finds the least cost of a cover by trying every choice of sets. */
function leastByTrying(sets: readonly CoveringSet[]): number {
  const all = new Set(sets.flatMap(({ rows }) => rows));
  let least = Infinity;
  for (let choice = 0; choice < 2 ** sets.length; choice += 1) {
    const taken = sets.filter((_, index) => (choice >> index) % 2 === 1);
    const covered = new Set(taken.flatMap(({ rows }) => rows));
    if (covered.size === all.size) {
      const cost = taken.reduce((sum, set) => sum + set.cost, 0);
      if (cost < least) least = cost;
    }
  }
  return least;
}

const setsOf = (mostSets: number, mostRows: number): fc.Arbitrary<CoveringSet[]> =>
  fc.array(
    fc.record({
      rows: fc.uniqueArray(fc.integer({ min: 0, max: mostRows - 1 }), { minLength: 1, maxLength: mostRows }),
      cost: fc.integer({ min: 1, max: 9 }),
    }),
    { maxLength: mostSets },
  );

describe('the cheapest cover', () => {
  it('costs what trying every choice finds, and covers all that can be covered', () => {
    fc.assert(
      fc.property(setsOf(11, 10), (sets) => {
        const { taken, cost, least } = finish(cheapestCover(sets, never));
        const rows = (chosen: readonly CoveringSet[]): number => new Set(chosen.flatMap((set) => set.rows)).size;
        assert.equal(cost, leastByTrying(sets));
        assert.equal(least, cost);
        assert.equal(rows(taken.flatMap((index) => sets[index] ?? [])), rows(sets));
        assert.equal(
          taken.reduce((sum, index) => sum + (sets[index]?.cost ?? 0), 0),
          cost,
        );
      }),
      { numRuns: 600 },
    );
  });

  it('is there at once where there is no time, with what is proven of the rest', () => {
    fc.assert(
      fc.property(setsOf(11, 10), (sets) => {
        const { cost, least } = finish(cheapestCover(sets, () => true));
        const exact = leastByTrying(sets);
        assert.ok(least <= exact && exact <= cost, `${least} ≤ ${exact} ≤ ${cost}`);
      }),
    );
  });

  it('is nothing where there is nothing to cover', () => {
    assert.deepEqual(finish(cheapestCover([], never)), { taken: [], cost: 0, least: 0 });
  });
});
