import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { type Demand, settle, type Settled } from '#core/learning';

const anyNumber = fc.record({
  least: fc.integer({ min: 1, max: 500 }),
  wide: fc.integer({ min: 10, max: 2000 }),
  at: fc.double({ min: 0, max: 1, noNaN: true }),
});

const anyNumbers = fc
  .array(anyNumber, { minLength: 1, maxLength: 5 })
  .map((some) => some.map(({ least, wide, at }): Settled => ({ start: least + at * wide, range: [least, least + wide] })));

const anyDemand = fc
  .record({ some: fc.array(fc.integer({ min: -3, max: 3 }), { minLength: 5, maxLength: 5 }), fixed: fc.integer({ min: -1500, max: 1500 }) })
  .map(({ some, fixed }): Demand => ({ growths: Float64Array.from(some), fixed, margin: 300, share: 1 }));

const anyDemands = fc.array(anyDemand, { maxLength: 12 });

describe('settled numbers', () => {
  it('stay where they began where nothing is asked, or all of it is met', () => {
    fc.assert(
      fc.property(anyNumbers, (numbers) => {
        const start = numbers.map((number) => number.start);
        assert.deepEqual(settle(numbers, []), start);
        const met: Demand = { growths: new Float64Array(5), fixed: 400, margin: 300, share: 1 };
        assert.deepEqual(settle(numbers, [met]), start);
      }),
    );
  });

  it('lie in their ranges, and no number does better elsewhere by itself', () => {
    fc.assert(
      fc.property(anyNumbers, anyDemands, (numbers, demands) => {
        const values = settle(numbers, demands);
        const least = lossOf(numbers, demands, values);
        for (const [index, { range }] of numbers.entries()) {
          const value = values[index] ?? 0;
          assert.ok(value >= range[0] && value <= range[1]);
          for (const share of [-0.02, 0.02]) {
            const moved = Math.min(range[1], Math.max(range[0], value + share * (range[1] - range[0])));
            assert.ok(lossOf(numbers, demands, values.with(index, moved)) >= least - 1e-6, `${index} by ${share}`);
          }
        }
      }),
      { numRuns: 300 },
    );
  });

  it('meet a demand that can be met, by the number that it needs', () => {
    const numbers: readonly Settled[] = [
      { start: 500, range: [250, 1000] },
      { start: 500, range: [250, 1000] },
    ];
    // The wrong fingering costs the first number once more, and was cheaper by 600.
    const demand: Demand = { growths: Float64Array.from([1, 0]), fixed: -600, margin: 300, share: 100 };
    const [first = 0, second] = settle(numbers, [demand]);
    assert.ok(first - 600 > 250, String(first));
    assert.equal(second, 500);
  });
});

/** Gives what settled numbers make small, written once more from its description. */
function lossOf(numbers: readonly Settled[], demands: readonly Demand[], values: readonly number[]): number {
  const moved = numbers.map(({ start, range }, index) => (((values[index] ?? 0) - start) / ((range[1] - range[0]) / 2)) ** 2 / 2);
  const missed = demands.map(({ growths, fixed, margin, share }) => {
    const difference = values.reduce((sum, value, index) => sum + value * (growths[index] ?? 0), fixed);
    const short = Math.max(0, margin - difference) / 1000;
    return 20 * share * (short <= 0.4 ? short ** 2 / 2 : 0.4 * (short - 0.2));
  });
  return [...moved, ...missed].reduce((sum, part) => sum + part, 0);
}
