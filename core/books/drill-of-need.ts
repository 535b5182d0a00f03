import { type DrillFamily, type DrillRequest, PLAIN_VARIANT } from '#core/drill/families';
import { isKindOf, type PieceFacts } from '#core/drill/finder';
import type { Need } from './need.ts';

/**
 * Gives the drill of ours for something that a piece asks: for its key the scale of the position it is played in most, for that position
 * broken thirds, for any other its scale, for a shift its study. Null for a finger pattern, for which none of ours is written, and for a
 * piece that no hand plays.
 */
export function drillOfNeed(facts: PieceFacts, need: Need): DrillRequest | null {
  const [position, key] = [facts.byPosition[0]?.name, facts.byKey[0]?.name];
  if (position === undefined || key === undefined) return null;
  const request = (asks: DrillFamily, inKey = key): DrillRequest => ({ key: inKey, asks, variant: PLAIN_VARIANT });
  switch (need.need) {
    case 'key':
      return request({ family: 'position', position, set: 'scale' }, need.key);
    case 'position':
      return request(
        { family: 'position', position: need.position, set: need.position === position ? 'broken-thirds' : 'scale' },
        facts.keyed.find((pair) => pair.position === need.position)?.key,
      );
    case 'pattern':
      return null;
    case 'shift': {
      const { shiftClass } = need;
      const inKey = facts.shifts.find((shift) => isKindOf(shift.shiftClass, shiftClass))?.key;
      return request({ family: 'shift', shift: shiftClass, letters: null, measures: 'all' }, inKey);
    }
  }
}
