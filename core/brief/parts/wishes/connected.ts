import type { WishPart } from '#core/brief/parts';
import { times } from '#core/weights';

/** Connected lines: a slide is welcome, a crossing inside a bow is not. */
export const connected: WishPart = {
  label: 'connected lines',
  hint: 'Slides are welcome, no crossing inside a bow.',
  weights: ({ crossing, crossingInSlur, shift, slide, sameFingerShift }) => ({
    crossing: crossing + 150,
    crossingInSlur: crossingInSlur + 1800,
    shift: shift * 0.75,
    shiftUnderSlur: 0,
    slide: slide * 0.6,
    sameFingerShift: times(sameFingerShift, 0.2),
  }),
};
