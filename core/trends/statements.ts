import type { Arrival, OutOfTune } from './arrival.ts';
import { COMPARED_BY, type ComparedBy, evidenceAgainstEvenOdds, evidenceAsked, groupsOf } from './comparison.ts';

/** A place at which something missed. */
export interface MissedPlace {
  /** The piece, by its id. */
  readonly piece: string;
  /** The name of the piece then. */
  readonly title: string;
  /** The line index. */
  readonly note: number;
  /** The number of misses. */
  readonly times: number;
}

/** A statement of the record about a player, with the counts that support it. */
export interface Statement {
  /** The feature that was compared. */
  readonly by: ComparedBy;
  /** The group for which it is true: a finger, an open note, a position, a direction with a finger. */
  readonly group: string;
  /** The direction in which it misses. */
  readonly direction: OutOfTune;
  /** The number of misses in that direction. */
  readonly times: number;
  /** The number of misses out of tune altogether. */
  readonly of: number;
  /** The number of times it was played. */
  readonly played: number;
  /** The factor by which it is more likely than with even odds. */
  readonly evidence: number;
  /** The places, the most frequent first. */
  readonly places: readonly MissedPlace[];
}

/**
 * Finds the statements that some arrivals support: every finger, string, position and kind of shift that misses in one direction more than
 * even odds allow, the strongest first. A statement that follows from a narrower one is made once: of a finger and of that finger on a
 * string only the one with more evidence.
 */
export function statementsOf(arrivals: readonly Arrival[]): readonly Statement[] {
  const strings = [...new Set(arrivals.map(({ string }) => string))];
  const missed = arrivals.filter(({ miss }) => miss !== null);
  const all = COMPARED_BY.flatMap((by) => {
    const groups = [...countGroups(by, missed, strings)].filter(
      ([, { flat, sharp }]) => evidenceAgainstEvenOdds(flat, sharp) >= evidenceAsked(by),
    );
    return groups.map(([group, counts]): Statement => {
      const direction: OutOfTune = counts.flat > counts.sharp ? 'flat' : 'sharp';
      const members = arrivals.filter((arrival) => groupsOf(by, arrival, strings).includes(group));
      return {
        by,
        group,
        direction,
        times: counts[direction],
        of: counts.flat + counts.sharp,
        played: members.length,
        evidence: evidenceAgainstEvenOdds(counts.flat, counts.sharp),
        places: placesOf(members.filter(({ miss }) => miss === direction)),
      };
    });
  });
  const strongest = all.toSorted((one, other) => other.evidence - one.evidence);
  return strongest.filter((statement, order) => !strongest.slice(0, order).some((before) => tellsTheSame(before, statement)));
}

type Counts = Record<OutOfTune, number>;

/** Counts misses flat and sharp of every group. */
function countGroups(by: ComparedBy, missed: readonly Arrival[], strings: readonly string[]): ReadonlyMap<string, Counts> {
  const groups = new Map<string, Counts>();
  for (const arrival of missed) {
    if (arrival.miss === null) continue;
    for (const group of groupsOf(by, arrival, strings)) {
      const counts = groups.get(group) ?? { flat: 0, sharp: 0 };
      counts[arrival.miss] += 1;
      groups.set(group, counts);
    }
  }
  return groups;
}

function placesOf(missed: readonly Arrival[]): readonly MissedPlace[] {
  const places = new Map<string, MissedPlace>();
  for (const { piece, title, note } of missed) {
    const key = `${piece} ${note}`;
    places.set(key, { piece, title, note, times: (places.get(key)?.times ?? 0) + 1 });
  }
  return [...places.values()].toSorted((one, other) => other.times - one.times);
}

/** Tells whether one of two statements lies in the other: most of their places are the same. */
function tellsTheSame(one: Statement, other: Statement): boolean {
  if (one.direction !== other.direction) return false;
  const places = new Set(one.places.map(({ piece, note }) => `${piece} ${note}`));
  const shared = other.places.reduce((sum, { piece, note, times }) => sum + (places.has(`${piece} ${note}`) ? times : 0), 0);
  return shared > other.times / 2;
}
