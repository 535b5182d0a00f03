import type { NoteMiss } from './note-misses.ts';

/** A drift of the pitch from the first note of a take to the last. */
export interface Drift {
  /** The change from the first note to the last, cents, sharp positive. */
  readonly cents: number;
  /** Gives how far the drift has come at a moment, against the middle of the take, cents. */
  readonly at: (seconds: number) => number;
}

/** The fewest notes that show a drift, the least that a teacher would speak of, cents, and its certainty as a ratio to its error. */
const FEWEST = 8;
const LEAST_CENTS = 12;
const TOLD_FROM = 4;

/**
 * Finds whether the pitch of the stopped notes drifts: the straight line through their misses that errs least (least squares, Legendre,
 * 1805). Null where it does not, or too few notes tell.
 */
export function driftOf(misses: readonly NoteMiss[]): Drift | null {
  const points = misses.flatMap(({ cents, mm, doubtful, heard: { at } }) =>
    cents === null || mm === null || doubtful ? [] : [{ x: at, y: cents }],
  );
  const [first, last] = [points[0], points.at(-1)];
  if (!first || !last || points.length < FEWEST) return null;
  const mean = (pick: (point: { readonly x: number; readonly y: number }) => number): number =>
    points.reduce((sum, point) => sum + pick(point), 0) / points.length;
  const [middleX, middleY] = [mean(({ x }) => x), mean(({ y }) => y)];
  const spread = points.reduce((sum, { x }) => sum + (x - middleX) ** 2, 0);
  const slope = points.reduce((sum, { x, y }) => sum + (x - middleX) * (y - middleY), 0) / Math.max(spread, 1e-9);
  const squares = points.reduce((sum, { x, y }) => sum + (y - middleY - slope * (x - middleX)) ** 2, 0);
  const error = Math.sqrt(squares / (points.length - 2) / Math.max(spread, 1e-9));
  const cents = slope * (last.x - first.x);
  if (Math.abs(cents) < LEAST_CENTS || Math.abs(slope) < TOLD_FROM * error) return null;
  return { cents, at: (seconds) => slope * (seconds - middleX) };
}
