import type { Task } from '#core/brief';
import type { Finger, Placement, PositionName } from '#core/hand';
import { type StringNumber, stringOf } from '#core/instrument';
import { positionOf } from '#core/plan/describe';
import { keepsLimit, withinReach } from '#core/search/candidates';
import { placementsOfNote, soundingNotes } from '#core/solve';

/** One finger on one string with which a note can be played. */
export interface WayToPlay {
  /** Roman numeral of the string; of a double stop, of the lower note's. */
  readonly string: StringNumber;
  /** The string's open note, documents' form. */
  readonly open: string;
  /** The finger there. */
  readonly finger: Finger;
  /** The finger on the upper string of a double stop; null for a single note. */
  readonly upperFinger: Finger | null;
  /** The position it is played in. */
  readonly position: PositionName;
  /** Within the brief's limits; locks are not asked. */
  readonly allowed: boolean;
}

/** Every string and finger with which one note of the line can be played by this hand, strings from I down. Empty for a rest. */
export function waysToPlay(task: Task, index: number): readonly WayToPlay[] {
  if (task.line.notes[index]?.kind !== 'note') return [];
  const ways = new Map<string, WayToPlay>();
  const order = soundingNotes(task).findIndex((sounding) => sounding.index === index);
  for (const placement of placementsOfNote(task, order)) {
    const string = stringOf(task.instrument, placement.stringIndex);
    const allowed = isAllowed(task, placement);
    const key = `${placement.stringIndex} ${placement.finger} ${placement.upper?.finger ?? ''}`;
    const known = ways.get(key);
    if (known && (known.allowed || !allowed)) continue;
    ways.set(key, {
      string: string.number,
      open: string.name,
      finger: placement.finger,
      upperFinger: placement.upper?.finger ?? null,
      position: positionOf(task, placement),
      allowed,
    });
  }
  return [...ways.values()];
}

function isAllowed(task: Task, placement: Placement): boolean {
  return withinReach(task, placement) && task.limits.every((limit) => keepsLimit(limit, placement, null));
}
