import type { Steps } from '#core/result';

/** A set that covers some rows at a cost. */
export interface CoveringSet {
  /** The rows that it covers, from 0. */
  readonly rows: readonly number[];
  /** The cost of taking it, more than 0. */
  readonly cost: number;
}

/** Sets that cover all rows that can be covered. */
export interface Cover {
  /** The indexes of the sets taken, in increasing order. */
  readonly taken: readonly number[];
  /** The sum of their costs. */
  readonly cost: number;
  /** A sum below which no cover can lie; equal to the cost where the cover is proven to be the cheapest. */
  readonly least: number;
}

/** A part of the problem that is left: rows still to be covered, sets that may be taken, and those taken already. */
interface Left {
  readonly rows: bigint;
  readonly sets: readonly MaskedSet[];
  readonly taken: readonly number[];
  readonly cost: number;
}

interface MaskedSet {
  readonly index: number;
  readonly mask: bigint;
  readonly cost: number;
}

/** The number of parts that are looked at between two steps. */
const PARTS_A_STEP = 50;

/**
 * Finds the cheapest sets that cover every row which any set covers: exactly, by branch and bound. A part is first reduced (a row that one
 * set alone covers takes it; a row whose sets all another row has too, and a set that a cheaper one contains, are left out); it is given up
 * where rows without a set in common need more than the best cover found; else it branches on the sets of the row that has fewest. The
 * first cover is Chvátal's greedy one (A greedy heuristic for the set-covering problem, 1979); reductions and bound are those of Beasley (An
 * algorithm for set covering problem, 1987). It stops where `isOver` says so, with the best found and the least that is proven.
 */
export function* cheapestCover(sets: readonly CoveringSet[], isOver: () => boolean): Steps<Cover> {
  const masked = sets.map(({ rows, cost }, index): MaskedSet => ({ index, cost, mask: rows.reduce((mask, row) => mask | bit(row), 0n) }));
  const whole: Left = { rows: union(masked), sets: masked.filter(({ mask }) => mask !== 0n), taken: [], cost: 0 };
  let best = greedyCover(whole);
  const waiting: Left[] = [whole];
  let looked = 0;
  while (waiting.length > 0 && !isOver()) {
    looked += 1;
    if (looked % PARTS_A_STEP === 0) yield;
    const part = reduce(waiting.pop() ?? whole);
    if (leastCost(part) >= best.cost) continue;
    if (part.rows === 0n) best = part;
    else waiting.push(...branchesOf(part));
  }
  const open = Math.min(best.cost, ...waiting.map(leastCost));
  return { taken: best.taken.toSorted((one, other) => one - other), cost: best.cost, least: open };
}

function bit(row: number): bigint {
  return 1n << BigInt(row);
}

function union(sets: readonly MaskedSet[]): bigint {
  return sets.reduce((all, { mask }) => all | mask, 0n);
}

function take(part: Left, set: MaskedSet): Left {
  return {
    rows: part.rows & ~set.mask,
    sets: part.sets.filter((other) => other !== set),
    taken: [...part.taken, set.index],
    cost: part.cost + set.cost,
  };
}

/** Takes the set that covers most for its cost, until all is covered. */
function greedyCover(whole: Left): Left {
  let part = whole;
  while (part.rows !== 0n) {
    const { rows } = part;
    const worth = (set: MaskedSet): number => countRows(set.mask & rows) / set.cost;
    part = take(
      part,
      part.sets.reduce((best, set) => (worth(set) > worth(best) ? set : best)),
    );
  }
  return part;
}

function countRows(mask: bigint): number {
  let count = 0;
  for (let left = mask; left !== 0n; left &= left - 1n) count += 1;
  return count;
}

function rowsOf(mask: bigint): readonly number[] {
  return [...mask.toString(2)].toReversed().flatMap((digit, row) => (digit === '1' ? [row] : []));
}

/** Reduces a part until nothing more follows from it. */
function reduce(part: Left): Left {
  for (let before = part; ;) {
    const now = withoutUseless(withForced(before));
    if (now.rows === before.rows && now.sets.length === before.sets.length) return now;
    before = now;
  }
}

/** Takes the set of each row that one set alone covers. */
function withForced(part: Left): Left {
  let now = part;
  for (const row of rowsOf(part.rows)) {
    if ((now.rows & bit(row)) === 0n) continue;
    const [only, ...others] = now.sets.filter(({ mask }) => (mask & bit(row)) !== 0n);
    if (only && others.length === 0) now = take(now, only);
  }
  return now;
}

/** Leaves out sets that a cheaper one contains, as far as rows are left, and rows that are covered whenever another row is. */
function withoutUseless(part: Left): Left {
  const sets = part.sets
    .map((set) => ({ ...set, mask: set.mask & part.rows }))
    .filter(({ mask }) => mask !== 0n)
    .toSorted((one, other) => one.cost - other.cost || one.index - other.index);
  const kept = sets.filter(({ mask }, order) => {
    const contains = (other: MaskedSet, otherOrder: number): boolean =>
      otherOrder !== order &&
      (mask & ~other.mask) === 0n &&
      (otherOrder < order || (other.mask !== mask && other.cost <= (sets[order]?.cost ?? 0)));
    return !sets.some(contains);
  });
  return { ...part, sets: kept, rows: neededRows(part.rows, kept) };
}

/** Keeps of the rows those that are not covered by every choice for another row. */
function neededRows(rows: bigint, sets: readonly MaskedSet[]): bigint {
  const all = rowsOf(rows).map((row) => ({ row, covering: coveringMask(row, sets) }));
  const needed = all.filter(
    ({ covering }, order) =>
      !all.some((other, otherOrder) => {
        const follows = (other.covering & ~covering) === 0n;
        return otherOrder !== order && follows && (other.covering !== covering || otherOrder < order);
      }),
  );
  return needed.reduce((mask, { row }) => mask | bit(row), 0n);
}

function coveringMask(row: number, sets: readonly MaskedSet[]): bigint {
  return sets.reduce((mask, set, order) => ((set.mask & bit(row)) === 0n ? mask : mask | bit(order)), 0n);
}

/** Gives a sum below which no cover of a part can lie: rows of which no two have a set in common need a set each. */
function leastCost({ rows, sets, cost }: Left): number {
  const all = rowsOf(rows)
    .map((row) => sets.filter(({ mask }) => (mask & bit(row)) !== 0n))
    .toSorted((one, other) => one.length - other.length);
  let [bound, touched] = [cost, new Set<number>()];
  for (const covering of all) {
    if (covering.some(({ index }) => touched.has(index))) continue;
    bound += Math.min(...covering.map((set) => set.cost));
    touched = new Set([...touched, ...covering.map(({ index }) => index)]);
  }
  return bound;
}

/** Branches on the sets of the row that has fewest: each is taken, the ones before it left out; the one that covers most comes last, to be looked at first. */
function branchesOf(part: Left): readonly Left[] {
  const [fewest] = rowsOf(part.rows)
    .map((row) => part.sets.filter(({ mask }) => (mask & bit(row)) !== 0n))
    .toSorted((one, other) => one.length - other.length);
  const choices = (fewest ?? []).toSorted((one, other) => countRows(other.mask) - countRows(one.mask));
  return choices
    .map((set, order) => {
      const without = choices.slice(0, order);
      return take({ ...part, sets: part.sets.filter((other) => !without.includes(other)) }, set);
    })
    .toReversed();
}
