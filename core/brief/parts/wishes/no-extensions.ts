import type { WishPart } from '#core/brief/parts';

/** No extensions: every shape but the hand at rest costs more than a shift. */
export const noExtensions: WishPart = {
  label: 'no extensions',
  hint: 'The hand keeps its shape; it shifts instead.',
  weights: ({ reachedBack, reachedForward, drawnIn, opening, pivot, semitoneMoveShare }) => ({
    reachedBack: reachedBack + 2500,
    reachedForward: reachedForward + 2500,
    drawnIn: drawnIn + 800,
    opening: opening + 1500,
    pivot: pivot + 1500,
    // A closed hand moves a semitone where an open one would extend, as between half position and first.
    semitoneMoveShare: semitoneMoveShare * 0.5,
  }),
  mayGoHigh: true,
};
