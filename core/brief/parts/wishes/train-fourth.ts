import type { WishPart } from '#core/brief/parts';
import { plus } from '#core/weights';

/** The fourth finger trained: it is cheaper than usual, and the open string costlier. */
export const trainFourth: WishPart = {
  label: 'work for the fourth finger',
  hint: '4 instead of the open string, and more of it elsewhere.',
  weights: ({ finger, openString, arrivingUp }) => ({
    finger: plus(finger, [0, 0, 0, 0, -650]),
    openString: openString + 250,
    arrivingUp: plus(arrivingUp, [0, 0, 0, 0, -300]),
  }),
};
