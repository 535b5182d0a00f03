import type { Arrival, OutOfTune } from './arrival.ts';
import { groupsOf } from './comparison.ts';
import { byWeek } from './weeks.ts';

/** The features by which misses are counted: those by which they are compared, and shifts by both fingers. */
export const COUNTED_BY = ['finger', 'string', 'position', 'shift', 'shift-from-finger', 'shift-to-finger', 'shift-fingers'] as const;

/** A feature by which misses are counted. */
export type CountedBy = (typeof COUNTED_BY)[number];

/** The misses of a period, and the number of notes played. */
export interface MissCounts extends Readonly<Record<OutOfTune, number>> {
  /** The number of notes that were played. */
  readonly played: number;
}

/** The misses of one finger, string, position or kind of shift. */
export interface CountedMisses {
  /** The group: a finger, an open note, a position, a direction with one finger or two. */
  readonly group: string;
  /** The sum of all weeks. */
  readonly all: MissCounts;
  /** The weeks, the oldest first. */
  readonly weeks: readonly MissCounts[];
}

/** Counts misses out of tune of some weeks up to now (ms since 1970) by one feature, in the order of its names. */
export function missesBy(by: CountedBy, arrivals: readonly Arrival[], now: number, weeks: number): readonly CountedMisses[] {
  const groups = new Map<string, Arrival[]>();
  for (const arrival of arrivals) {
    for (const group of groupsIn(by, arrival)) {
      const members = groups.get(group);
      if (members) members.push(arrival);
      else groups.set(group, [arrival]);
    }
  }
  return [...groups]
    .toSorted(([one], [other]) => one.localeCompare(other, 'en', { numeric: true }))
    .map(([group, here]) => ({
      group,
      all: countsOf(here),
      weeks: byWeek(here, now, weeks).map(({ events }) => countsOf(events)),
    }));
}

function groupsIn(by: CountedBy, arrival: Arrival): readonly string[] {
  if (by !== 'shift-fingers') return groupsOf(by, arrival, []);
  const { shift } = arrival;
  return shift ? [`${shift.way} ${shift.fromFinger} ${shift.toFinger}`] : [];
}

function countsOf(arrivals: readonly Arrival[]): MissCounts {
  const countMisses = (way: OutOfTune): number => arrivals.filter(({ miss }) => miss === way).length;
  return { played: arrivals.length, flat: countMisses('flat'), sharp: countMisses('sharp') };
}
