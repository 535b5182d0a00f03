import type { Head } from './draw-measures.ts';
import { STAFF_HEIGHT, STAFF_SPACE } from './layout.ts';
import { circleOutline, type OutlineMark, outlineMark } from './staff-mark.ts';

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

/** Draws a dot, a wedge or a line at the head, on the side away from the stem. */
export function articulationMarks(head: Head, staffTopY: number): readonly OutlineMark[] {
  const { articulation, index, x } = head;
  if (articulation === null) return [];
  const y = articulationY(head, staffTopY);
  const way = head.stemUp ? 1 : -1;
  const choice = { about: ['articulation', index] } as const;
  switch (articulation) {
    case 'staccato':
      return [outlineMark(`${index} dot`, circleOutline(x, y, 2), null, choice)];
    case 'tenuto':
      return [outlineMark(`${index} line`, lineOutline(x, y), TENUTO, choice)];
    case 'staccatissimo':
      return [outlineMark(`${index} wedge`, `M${x} ${y - 4 * way}L${x - 2.6} ${y + 4 * way}H${x + 2.6}Z`, null, choice)];
    case 'detached-legato':
      return [
        outlineMark(`${index} dot`, circleOutline(x, y, 2), null, choice),
        outlineMark(`${index} line`, lineOutline(x, y + 6 * way), TENUTO),
      ];
  }
}

/** The thickness of the line of a tenuto, px. */
const TENUTO = 1.8;

function lineOutline(x: number, y: number): string {
  return `M${x - 6} ${y}H${x + 6}`;
}
