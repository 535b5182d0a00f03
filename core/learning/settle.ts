/** The demand of one pair of fingerings on the numbers: the wrong one shall cost more than the right one, by a margin. */
export interface Demand {
  /** The growth of the difference (wrong less right) with one more unit of each number. */
  readonly growths: Float64Array;
  /** The difference with all numbers at nothing, thousandths. */
  readonly fixed: number;
  /** The margin, thousandths. */
  readonly margin: number;
  /** The weight of the demand among the others. */
  readonly share: number;
}

/** A number that is settled: where it begins, and how far it may go. */
export interface Settled {
  /** The value that it keeps where nothing asks for another. */
  readonly start: number;
  /** The least and the most it may become. */
  readonly range: readonly [number, number];
}

/** The strength of the demands against the wish to stay at the start. */
const STRENGTH = 20;

/** The shortfall from which a demand pulls no harder, thousandths: a line that no numbers make right must not bend all others. */
const HARDEST_PULL = 400;

/** The unit of shortfalls, thousandths: the cost of a plain shift, roughly. */
const UNIT = 1000;

/** The most rounds over all numbers, and the largest move, as a share of a range, that still counts as one. */
const MOST_ROUNDS = 200;
const STILL = 1e-5;

/**
 * Finds the numbers within their ranges that miss the demands least and stay nearest to where they began: the minimum of the squared
 * distances, in half ranges, and of the shortfalls, squared near the margin and straight beyond. It is convex and has one minimum, found by
 * going from number to number with Newton’s step (Chang, Hsieh and Lin, “Coordinate descent method for large-scale L2-loss linear support
 * vector machines”, 2008); the same input gives the same numbers.
 */
export function settle(numbers: readonly Settled[], demands: readonly Demand[]): readonly number[] {
  const values = numbers.map(({ start }) => start);
  const shortfalls = demands.map(({ fixed, margin, growths }) => margin - fixed - dot(growths, values));
  const pulls = numbers.map((_, index) => pullsOn(index, demands));
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    let furthest = 0;
    for (const [index, number] of numbers.entries()) {
      const before = values[index] ?? number.start;
      const onIt = pulls[index] ?? [];
      const after = settledAlone(number, before, onIt, shortfalls);
      if (after === before) continue;
      values[index] = after;
      for (const { demand, growth } of onIt) shortfalls[demand] = (shortfalls[demand] ?? 0) - growth * (after - before);
      furthest = Math.max(furthest, Math.abs(after - before) / (number.range[1] - number.range[0]));
    }
    if (furthest < STILL) break;
  }
  return values;
}

/** The pull of one demand on one number. */
interface Pull {
  /** The index of the demand. */
  readonly demand: number;
  /** The growth of the difference with one more unit of the number. */
  readonly growth: number;
  /** The strength of the demand. */
  readonly strength: number;
}

function pullsOn(index: number, demands: readonly Demand[]): readonly Pull[] {
  return demands.flatMap(({ growths, share }, demand) => {
    const growth = growths[index] ?? 0;
    return growth === 0 ? [] : [{ demand, growth, strength: (STRENGTH * share) / UNIT ** 2 }];
  });
}

/** The most halvings of a step that went beyond the least. */
const MOST_HALVINGS = 30;

/** Settles one number while the others stay: a step of Newton’s, halved until it does not go beyond the least, so that each step helps. */
function settledAlone({ start, range }: Settled, before: number, pulls: readonly Pull[], shortfalls: readonly number[]): number {
  const near = 4 / (range[1] - range[0]) ** 2;
  const slopeAt = (value: number): { readonly slope: number; readonly bend: number } => {
    let [slope, bend] = [near * (value - start), near];
    for (const { demand, growth, strength } of pulls) {
      const left = (shortfalls[demand] ?? 0) - growth * (value - before);
      if (left <= 0) continue;
      slope -= strength * growth * Math.min(left, HARDEST_PULL);
      bend += left < HARDEST_PULL ? strength * growth ** 2 : 0;
    }
    return { slope, bend };
  };
  const { slope, bend } = slopeAt(before);
  let after = Math.min(range[1], Math.max(range[0], before - slope / bend));
  for (let halving = 0; halving < MOST_HALVINGS && after !== before; halving += 1) {
    if (slopeAt(after).slope * slope >= 0) return after;
    after = (before + after) / 2;
  }
  return before;
}

function dot(one: Float64Array, other: readonly number[]): number {
  return one.reduce((sum, value, index) => sum + value * (other[index] ?? 0), 0);
}
