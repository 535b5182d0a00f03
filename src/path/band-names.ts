import { positionMarks } from '#core/messages';
import { nameThatFits } from '../engraving/index.ts';
import type { Band } from './path-geometry.ts';

/** The height of a name over its band, px. */
const NAME_HEIGHT = 16;

/** The distance that a name may go beyond the last band, px. */
const BEYOND_LAST = 20;

/**
 * Names each band in which a stay begins by its position: by the longest name that runs into nothing that stands beside it at its height, a
 * later band with its name or the end of the drawing. Null names none.
 */
export function bandNames(bands: readonly Band[]): readonly (string | null)[] {
  const end = Math.max(0, ...bands.map(({ x, width }) => x + width)) + BEYOND_LAST;
  return bands.map((band, order) => {
    if (!band.begins) return null;
    const inTheWay = bands.slice(order + 1).filter((other) => other.x > band.x && isBesideName(band, other));
    const room = Math.min(end, ...inTheWay.map(({ x }) => x)) - band.x;
    return nameThatFits(positionMarks(band.stay.position).slice(1), room);
  });
}

/** Tells whether a band, with the name over it, stands at the height of the name of another. */
function isBesideName({ top }: Band, other: Band): boolean {
  return top > other.top - NAME_HEIGHT && top - NAME_HEIGHT < other.top + other.height;
}
