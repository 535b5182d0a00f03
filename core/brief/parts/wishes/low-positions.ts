import type { WishPart } from '#core/brief/parts';

/** Low positions: each position above the first costs more than the one below it. */
export const lowPositions: WishPart = {
  label: 'low positions',
  hint: 'The older way: low on the neck.',
  weights: ({ position, highPlace }) => ({
    position: position.map((value, index) => value + 350 * Math.max(0, index - 1)),
    highPlace: highPlace * 2,
  }),
  homeIsFirst: true,
};
