import type { Head } from './draw-measures.ts';
import { ACCENT_ROW, BELOW_SLUR, STAFF_HEIGHT, type StaffLayout } from './layout.ts';

/** A tuplet as it is drawn below its notes, px. */
export interface DrawnTuplet {
  /** The number that stands there. */
  readonly notes: number;
  /** The x at which the bracket begins. */
  readonly left: number;
  /** The x at which the bracket ends. */
  readonly right: number;
  /** The foot of the number. */
  readonly y: number;
  readonly bracketed: boolean;
}

/** The distance of the number below the lowest ink of its notes, px. */
const BELOW = 14;

/** Gives the lowest ink of a note, and of the slur that hangs from it, below which something is set outside the staff, px. */
export function footOf({ bottom, slur, stemUp }: Head, { staffTopY }: Pick<StaffLayout, 'staffTopY'>): number {
  return Math.max(bottom + (slur !== null && stemUp ? BELOW_SLUR : 0), staffTopY + STAFF_HEIGHT);
}

/** Finds the tuplets of some heads. They stand below, where no finger is; where all share a beam they need no bracket. */
export function tupletsOf(heads: readonly Head[], layout: Pick<StaffLayout, 'staffTopY'>): readonly DrawnTuplet[] {
  const tuplets: Head[][] = [];
  for (const head of heads) {
    if (head.tuplet === null) continue;
    const last = tuplets[tuplets.length - 1];
    if (last && head.tuplet.place !== 'begins' && head.tuplet.place !== 'alone') last.push(head);
    else tuplets.push([head]);
  }
  return tuplets.flatMap((within) => {
    const [first, last] = [within[0], within[within.length - 1]];
    if (!first?.tuplet || !last) return [];
    const y = within.reduce((lowest, head) => Math.max(lowest, footOf(head, layout) + (head.accent === null ? 0 : ACCENT_ROW)), 0) + BELOW;
    const bracketed = within.length === 1 || within.some(({ tuplet }) => tuplet?.beamed !== true);
    return [{ notes: first.tuplet.notes, left: first.left, right: last.right, y, bracketed }];
  });
}
