import { type DrillFamily, type DrillRequest, PLAIN_VARIANT } from '#core/drill/families';
import { isKindOf, type PieceFacts } from '#core/drill/finder';
import type { ShiftClass } from '#core/drill/shifts';
import type { Need } from './need.ts';

/**
 * Gives the drill of ours for something that a piece asks: for its key the scale of the position it is played in most, for that position
 * broken thirds, for any other its scale, for a shift its study. Null for a finger pattern, for which none of ours is written, and for a
 * piece that no hand plays.
 */
export function drillOfNeed(facts: PieceFacts, need: Need): DrillRequest | null {
  const [position, key] = [facts.byPosition[0]?.name, facts.byKey[0]?.name];
  return position === undefined || key === undefined ? null : drillIn({ position, key }, facts, need);
}

/** The position and the key in which a piece is played most. */
interface Most {
  readonly position: string;
  readonly key: string;
}

function drillIn(most: Most, facts: PieceFacts, need: Need): DrillRequest | null {
  switch (need.need) {
    case 'key':
      return requestIn(need.key, { family: 'position', position: most.position, set: 'scale' });
    case 'position': {
      const set = need.position === most.position ? 'broken-thirds' : 'scale';
      return requestIn(keyOfPosition(facts, need.position) ?? most.key, { family: 'position', position: need.position, set });
    }
    case 'pattern':
      return null;
    case 'shift': {
      const { shiftClass } = need;
      return requestIn(keyOfShift(facts, shiftClass) ?? most.key, { family: 'shift', shift: shiftClass, letters: null, measures: 'all' });
    }
  }
}

function requestIn(key: string, asks: DrillFamily): DrillRequest {
  return { key, asks, variant: PLAIN_VARIANT };
}

/** Finds the first key in which the hand stands in a position. */
function keyOfPosition({ keyed }: PieceFacts, position: string): string | undefined {
  return keyed.find((pair) => pair.position === position)?.key;
}

/** Finds the key of the first shift of a kind. */
function keyOfShift({ shifts }: PieceFacts, shiftClass: ShiftClass): string | undefined {
  return shifts.find((shift) => isKindOf(shift.shiftClass, shiftClass))?.key;
}
