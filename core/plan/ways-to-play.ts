import type { Finger, PositionName } from '#core/hand';
import { type StringNumber, stringOf } from '#core/instrument';
import { goodReading, type Reading } from '#core/reading';
import { PLACEMENT_LIMITS, withinLimit } from '#core/search';
import { placementsOfNote, soundingNotes } from './note-steps.ts';
import { positionOf } from './position-of.ts';
import { readBrief } from './read-brief.ts';
import type { Brief, Lock } from './schema.ts';

/** One finger on one string with which a note can be played. */
export interface WayToPlay {
  readonly string: StringNumber;
  readonly open: string;
  readonly finger: Finger;
  /** The finger on the upper string of a double stop; null for a single note. */
  readonly upperFinger: Finger | null;
  readonly position: PositionName;
  /** Within the brief's limits; locks are not asked. */
  readonly allowed: boolean;
}

/** Every string and finger with which one note of the line can be played by this hand, strings from I down. Empty for a rest. */
export function waysToPlay(brief: Brief, index: number): Reading<readonly WayToPlay[]> {
  const task = readBrief(brief);
  if (!task.ok) return task;
  const { instrument, line } = task.value;
  const note = line.notes[index];
  if (note?.kind !== 'note') return goodReading([]);
  const ways = new Map<string, WayToPlay>();
  const order = soundingNotes(task.value).findIndex((sounding) => sounding.index === index);
  for (const placement of placementsOfNote(task.value, order)) {
    const string = stringOf(instrument, placement.stringIndex);
    const allowed = PLACEMENT_LIMITS.every((name) => withinLimit(task.value, placement, null, name));
    const key = `${placement.stringIndex} ${placement.finger} ${placement.upper?.finger ?? ''}`;
    const known = ways.get(key);
    if (known && (known.allowed || !allowed)) continue;
    ways.set(key, {
      string: string.number,
      open: string.name,
      finger: placement.finger,
      upperFinger: placement.upper?.finger ?? null,
      position: positionOf(task.value, placement),
      allowed,
    });
  }
  return goodReading([...ways.values()]);
}

/** The wish to play a note so, as a lock. */
export function wishOf(note: number, { open, finger, upperFinger }: WayToPlay): Lock {
  return { note, string: open, finger, ...(upperFinger === null ? {} : { upperFinger }) };
}
