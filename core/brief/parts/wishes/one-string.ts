import type { WishPart } from '#core/brief/parts';

/** One string: a crossing costs more than any way along the string, and high places cost nothing. */
export const oneString: WishPart = {
  label: 'one string where possible',
  hint: 'The line stays on one string as far as it can.',
  weights: ({ crossing }) => ({ crossing: crossing + 6000, highPlace: 0 }),
  mayGoHigh: true,
};
