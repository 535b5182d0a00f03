import { type Pitch, semitonesOf } from '#core/pitch';

/**
 * The ways to break a scale into figures: pairs from a third to an octave apart, groups of neighbours from each degree, a turn around each
 * degree, and runs that return to where they began, each a degree longer than the one before.
 */
export const BROKEN_FIGURES = [
  'thirds',
  'fourths',
  'fifths',
  'sixths',
  'sevenths',
  'octaves',
  'threes',
  'fours',
  'turns',
  'returning',
] as const;

/** A way to break a scale. */
export type BrokenFigure = (typeof BROKEN_FIGURES)[number];

/** The degrees of one figure, counted from the degree it starts on. */
const FIGURES: Readonly<Record<Exclude<BrokenFigure, 'octaves' | 'returning'>, readonly number[]>> = {
  thirds: [0, 2],
  fourths: [0, 3],
  fifths: [0, 4],
  sixths: [0, 5],
  sevenths: [0, 6],
  threes: [0, 1, 2],
  fours: [0, 1, 2, 3],
  turns: [1, 0, -1, 0],
};

/**
 * Breaks one way of a scale (rising) into figures that stay inside it, closed by the last degree: 1 3 2 4 3 5 … 8. Coming down the same is
 * read from the top.
 */
export function brokenScale(rising: readonly Pitch[], figure: BrokenFigure, way: 'up' | 'down'): readonly Pitch[] {
  const scale = way === 'up' ? rising : rising.toReversed();
  if (figure === 'returning') return returning(scale);
  const degrees = figure === 'octaves' ? [0, degreesInOctave(rising)] : FIGURES[figure];
  const [lowest, highest] = [Math.min(...degrees), Math.max(...degrees)];
  const figures = scale.flatMap((_, start) =>
    start + lowest < 0 || start + highest >= scale.length ? [] : degrees.flatMap((degree) => scale[start + degree] ?? []),
  );
  const end = scale[scale.length - 1];
  return end && figures[figures.length - 1] !== end ? [...figures, end] : figures;
}

/** Counts the degrees of a rising scale in an octave: seven of most, five of a pentatonic, twelve of the chromatic. */
function degreesInOctave(rising: readonly Pitch[]): number {
  const [lowest] = rising;
  return lowest ? rising.findIndex((pitch) => semitonesOf(pitch) - semitonesOf(lowest) === SEMITONES_IN_OCTAVE) : 0;
}

const SEMITONES_IN_OCTAVE = 12;

/** Writes 1 2 1, 1 2 3 2 1, 1 2 3 4 3 2 1 … up to the last degree and back; where one run ends the next begins. */
function returning(scale: readonly Pitch[]): readonly Pitch[] {
  const runs = scale.slice(1).flatMap((_, order) => {
    const there = scale.slice(1, order + 2);
    return [...there, ...there.slice(0, -1).toReversed(), ...scale.slice(0, 1)];
  });
  return [...scale.slice(0, 1), ...runs];
}
