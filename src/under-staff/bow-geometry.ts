import type { BowPlan, DrawnBow } from '#core/bow';
import { type Head, isMarked } from '../engraving/index.ts';

/** A place of the bow over the staff: x, px, and the place on the bow, 0 the frog, 1 the tip. */
export interface BowPoint {
  /** The x over the staff, px. */
  readonly x: number;
  /** The place on the bow, 0 to 1. */
  readonly place: number;
}

/** The length that a bow is drawn beyond its last head where nothing follows, px. */
const BEYOND = 16;

/** Lists each bow as points from head to head; where it ends in the next bow, at the head of that one. */
export function bowLinesOf({ bows, places }: BowPlan, heads: readonly Head[]): readonly (readonly BowPoint[])[] {
  const sounding = heads.filter(isMarked);
  return bows.flatMap((bow, order) => {
    const inside = sounding.filter(({ index }) => index >= bow.from && index <= bow.to);
    if (inside.length === 0) return [];
    const points = inside.map(({ x, index }) => ({ x, place: places[index] ?? 0 }));
    return [[...points, ...endOf(bow, bows[order + 1], heads)]];
  });
}

/** Finds the end of a bow: at the head of the next, or a little beyond its own last; null where that head is not drawn. */
function endOf(bow: DrawnBow, next: DrawnBow | undefined, heads: readonly Head[]): readonly BowPoint[] {
  const turn = next && !next.afterRest ? heads.find(({ index }) => index === next.from) : undefined;
  const last = heads.findLast(({ index }) => index === bow.to);
  const x = turn?.x ?? (last && last.x + BEYOND);
  return x === undefined ? [] : [{ x, place: bow.ends }];
}
