import { keyAt } from '#core/material/measures';
import { readBrief } from '#core/brief';
import { waysToPlay, type WayToPlay } from '#core/fit';
import { formatKey } from '#core/key';
import type { Plan, PlannedSound } from '#core/plan/describe';
import { isPlayed, drillBrief, drillFor, type DrillNote } from '#core/drill';

/**
 * Finds the same place under another finger, in the lowest position where this hand has it: on the violin, first finger in third position
 * is third finger in first; on the cello it is the fourth. Null where no lower position reaches it.
 */
export function samePlaceElsewhere(plan: Plan, index: number, { stops: [stop], position }: PlannedSound): WayToPlay | null {
  const task = readBrief(plan.brief);
  if (!task.ok) return null;
  const order = (label: string): number => task.value.hand.positionLabels.indexOf(label);
  const others = waysToPlay(task.value, index).filter(
    (way) =>
      way.open === stop.open &&
      way.finger !== stop.finger &&
      way.finger !== '0' &&
      way.upperFinger === null &&
      order(way.position.label) < order(position.label) &&
      order(way.position.label) >= LOWEST_SURE,
  );
  const upward = others.toSorted((one, other) => order(one.position.label) - order(other.position.label));
  const player = drillFor(plan.brief);
  const key = formatKey(keyAt(plan.line, index));
  return upward.find((way) => isPlayed(drillBrief(player, key, [underOtherFinger(stop.pitch, way)]))) ?? null;
}

/** Gives a note with another finger, in the position of that finger. */
export function underOtherFinger(pitch: string, { open, finger, position }: WayToPlay): DrillNote {
  return { pitches: [pitch], fingered: { string: open, finger, position: position.label }, duration: '1/2' };
}

/** The lowest position in which a place is looked for is first: half position is no surer than the shift itself. */
const LOWEST_SURE = 1;
