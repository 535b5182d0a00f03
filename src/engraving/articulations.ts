import type { Head } from './draw-measures.ts';
import { STAFF_HEIGHT, STAFF_SPACE } from './layout.ts';

/**
 * Gives the y of a dot, a wedge or a line at a head, px: on the side away from its stem, in the nearest free space, or beyond the staff.
 */
export function articulationY({ y, stemUp }: Pick<Head, 'y' | 'stemUp'>, staffTopY: number): number {
  const way = stemUp ? 1 : -1;
  const next = y + way * STAFF_SPACE;
  const isOutside = next < staffTopY - STAFF_SPACE / 4 || next > staffTopY + STAFF_HEIGHT + STAFF_SPACE / 4;
  const isOnLine = Math.round((2 * (next - staffTopY)) / STAFF_SPACE) % 2 === 0;
  return isOnLine && !isOutside ? next + (way * STAFF_SPACE) / 2 : next;
}
