import type { WishPart } from '#core/brief/parts';

/** Open strings covered: a finger is worth more than an open string. */
export const openStringsCovered: WishPart = {
  label: 'open strings covered',
  hint: 'A finger instead of the open string.',
  weights: ({ openString }) => ({ openString: openString + 6000 }),
};
