import type { Pitch } from '#core/pitch';

/** Ways to break a scale into figures: pairs a third, fourth or sixth apart, or groups of neighbours from each degree. */
export const BROKEN_FIGURES = ['thirds', 'fourths', 'sixths', 'threes', 'fours'] as const;

/** A way to break a scale. */
export type BrokenFigure = (typeof BROKEN_FIGURES)[number];

/** Degrees of one figure above the degree it starts on. */
const FIGURES: Readonly<Record<BrokenFigure, readonly number[]>> = {
  thirds: [0, 2],
  fourths: [0, 3],
  sixths: [0, 5],
  threes: [0, 1, 2],
  fours: [0, 1, 2, 3],
};

/**
 * Breaks one way of a scale (rising order) into figures that stay inside it, closed by the last degree: 1 3 2 4 3 5 … 8.
 * Coming down the same is read from the top.
 */
export function brokenScale(rising: readonly Pitch[], figure: BrokenFigure, way: 'up' | 'down'): readonly Pitch[] {
  const scale = way === 'up' ? rising : rising.toReversed();
  const degrees = FIGURES[figure];
  const reach = Math.max(...degrees);
  const figures = scale.slice(0, scale.length - reach).flatMap((_, start) => degrees.flatMap((degree) => scale[start + degree] ?? []));
  const end = scale[scale.length - 1];
  return end && figures[figures.length - 1] !== end ? [...figures, end] : figures;
}
