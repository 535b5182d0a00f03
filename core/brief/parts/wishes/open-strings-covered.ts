import type { WishPart } from './wish-part.ts';

/** Open strings covered: a finger is worth more than an open string. */
export const openStringsCovered: WishPart = {
  label: 'open strings covered',
  hint: 'A finger instead of the open string.',
  weights: ({ openString }) => ({ openString: openString + 900 }),
};
