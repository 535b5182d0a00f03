import type { Plan } from '#core/plan/describe';
import type { PracticeItem } from '#core/practice/item';
import { goodOnesWanted, rungsOf, secondsOfRun, setsARung } from '#core/practice/ladder';
import { capsOf, type Strain, strainedNotes, strictest } from './caps.ts';
import { groupsOfItem, notesOfPart } from './run-item.ts';

/** A set of an item in time, where every run is good: seconds from the beginning of the item. */
export interface ScheduledSet {
  /** The tempo, quarter notes a minute. */
  readonly tempo: number;
  /** The second at which its first run begins. */
  readonly from: number;
  /** The second at which its last run ends and the rest begins. */
  readonly to: number;
  /** The number of notes played in it with the hand opened wide. */
  readonly wideReaches: number;
}

/** An item in time, where every run is good. */
export interface ItemSchedule {
  /** The length planned for it, seconds. */
  readonly seconds: number;
  /** Its sets in order; the last one may end after the planned length, because a set that is begun is played to its end. */
  readonly sets: readonly ScheduledSet[];
  /** The rest after each set, seconds. */
  readonly restSeconds: number;
  /** Whether the last rung of the ladder is reached and played. */
  readonly climbed: boolean;
  /** The strains of its notes that can hurt when they are repeated. */
  readonly strains: readonly Strain[];
}

const SECONDS_A_MINUTE = 60;

/**
 * Lays an item out in time, as it goes when every run is good: the good ones of a set, the rest, the next group or rung, until the ladder
 * is climbed or the minutes are over. Listening, saying the names and other steps before the first set take no time here.
 */
export function scheduleItem(plan: Plan, item: PracticeItem): ItemSchedule {
  const notes = notesOfPart(plan, item.practised.part);
  const caps = capsOf(plan, notes);
  const { tries, restSeconds } = strictest(caps);
  const runs = goodOnesWanted(item.set, tries);
  const seconds = item.minutes * SECONDS_A_MINUTE;
  const groups = groupsOfItem(plan, item);
  const wanted = rungsOf(item.ladder).flatMap((rung) =>
    Array.from({ length: setsARung(item.ladder) }, () => groups.map((group) => ({ rung, group }))).flat(),
  );
  const sets: ScheduledSet[] = [];
  for (const { rung, group } of wanted) {
    const before = sets.at(-1);
    if (before && before.to >= seconds) break;
    const from = before ? before.to + restSeconds : 0;
    sets.push({
      tempo: rung.tempo,
      from,
      to: from + runs * secondsOfRun(plan, group, rung),
      wideReaches: runs * strainedNotes(plan, group, 'wide-reach'),
    });
  }
  return { seconds, sets, restSeconds, climbed: sets.length === wanted.length, strains: caps.map(({ strain }) => strain) };
}

/** The sums of a session, and what the hand gets in it, where every run is good. */
export interface SessionSums {
  /** The minutes planned. */
  readonly minutes: number;
  /** The time in which is played, seconds. */
  readonly playedSeconds: number;
  /** The time between sets, seconds. */
  readonly restedSeconds: number;
  /** The longest set: the longest time without a rest, seconds. */
  readonly longestSeconds: number;
  /** The number of notes played with the hand opened wide. */
  readonly wideReaches: number;
  /** The most minutes planned one after the other for items that strain the hand; 0 where none does. */
  readonly strainedMinutes: number;
}

/** Adds up the items of a session, in order. */
export function sumSchedules(items: readonly ItemSchedule[]): SessionSums {
  const sets = items.flatMap((item) => item.sets);
  const played = sets.map(({ from, to }) => to - from);
  const restsOf = ({ sets, restSeconds }: ItemSchedule): number => Math.max(0, sets.length - 1) * restSeconds;
  return {
    minutes: items.reduce((sum, { seconds }) => sum + seconds, 0) / SECONDS_A_MINUTE,
    playedSeconds: played.reduce((sum, seconds) => sum + seconds, 0),
    restedSeconds: items.reduce((sum, item) => sum + restsOf(item), 0),
    longestSeconds: Math.max(0, ...played),
    wideReaches: sets.reduce((sum, set) => sum + set.wideReaches, 0),
    strainedMinutes: strainedInARow(items) / SECONDS_A_MINUTE,
  };
}

function strainedInARow(items: readonly ItemSchedule[]): number {
  const inARow = items.reduce<readonly number[]>(
    (rows, { strains, seconds }) => [...rows, strains.length === 0 ? 0 : (rows.at(-1) ?? 0) + seconds],
    [],
  );
  return Math.max(0, ...inARow);
}
