import { type Task, taskAt } from '#core/brief';
import type { Finger, Placement } from '#core/hand/placement';
import type { PositionName } from '#core/hand';
import { type StringNumber, stringOf } from '#core/instrument';
import { type PlannedSound, positionOf } from '#core/plan/describe';
import { keepsLimit, withinReach } from '#core/search/candidates';
import { placementsOfNote, soundingNotes } from '#core/solve';

/** One finger on one string with which a note can be played. */
export interface WayToPlay {
  /** The Roman numeral of the string; of a double stop, that of the lower note. */
  readonly string: StringNumber;
  /** The string's open note, documents' form. */
  readonly open: string;
  /** The finger on that string. */
  readonly finger: Finger;
  /** The finger on the upper string of a double stop; null for a single note. */
  readonly upperFinger: Finger | null;
  /** The finger of the top note of a chord; null for any other. */
  readonly topFinger: Finger | null;
  /** The position it is played in. */
  readonly position: PositionName;
  /** Whether it is within the brief's limits; locks are not considered. */
  readonly allowed: boolean;
}

/** Tells whether a note is played in this way. */
export function isWayOf(way: Pick<WayToPlay, 'open' | 'finger' | 'upperFinger' | 'topFinger'>, { stops }: PlannedSound): boolean {
  const [lower, upper, top] = stops;
  return (
    way.open === lower.open &&
    way.finger === lower.finger &&
    way.upperFinger === (upper?.finger ?? null) &&
    way.topFinger === (top?.finger ?? null)
  );
}

/** Lists every string and finger with which one note of the line can be played by this hand, strings from I down. Empty for a rest. */
export function waysToPlay(task: Task, index: number): readonly WayToPlay[] {
  if (task.line.notes[index]?.kind !== 'note') return [];
  const ways = new Map<string, WayToPlay>();
  const order = soundingNotes(task).findIndex((sounding) => sounding.index === index);
  const here = taskAt(task)(index);
  for (const placement of placementsOfNote(task, order)) {
    const way = wayOf(here, placement);
    const key = `${placement.stringIndex} ${way.finger} ${way.upperFinger ?? ''} ${way.topFinger ?? ''}`;
    const known = ways.get(key);
    if (!known || (!known.allowed && way.allowed)) ways.set(key, way);
  }
  return [...ways.values()];
}

function wayOf(task: Task, placement: Placement): WayToPlay {
  const { number, name } = stringOf(task.instrument, placement.stringIndex);
  return {
    string: number,
    open: name,
    finger: placement.finger,
    upperFinger: placement.upper?.finger ?? null,
    topFinger: placement.top?.finger ?? null,
    position: positionOf(task, placement),
    allowed: isAllowed(task, placement),
  };
}

function isAllowed(task: Task, placement: Placement): boolean {
  return withinReach(task, placement) && task.limits.every((limit) => keepsLimit(limit, placement, null));
}
