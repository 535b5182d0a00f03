import type { WishPart } from '#core/brief/parts';
import { plus } from '#core/weights';

/** Strong fingers on hard notes: the fourth finger and the thumb are kept from long and top notes. */
export const strongFingers: WishPart = {
  label: 'strong fingers on hard notes',
  hint: 'Long and top notes keep away from 4.',
  weights: ({ weakOnHard, finger }) => ({
    weakOnHard: plus(weakOnHard, [300, 0, 0, 250, 3600]),
    finger: plus(finger, [100, 0, 0, 20, 150]),
  }),
};
