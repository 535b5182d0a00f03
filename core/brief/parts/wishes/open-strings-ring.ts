import type { WishPart } from '#core/brief/parts';

/** Open strings ringing: they are worth more than a finger. */
export const openStringsRing: WishPart = {
  label: 'open strings ringing',
  hint: 'Open strings wherever they fit.',
  weights: ({ openString }) => ({ openString: openString - 700 }),
};
