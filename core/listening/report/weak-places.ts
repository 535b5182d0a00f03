import type { Finger } from '#core/hand/placement';
import type { StringNumber } from '#core/instrument';
import { driftOf } from './drift.ts';
import type { NoteMiss } from './note-misses.ts';

/** The notes that are looked at together. */
export type Group =
  | { readonly by: 'finger'; readonly finger: Finger }
  | { readonly by: 'string'; readonly string: StringNumber }
  | { readonly by: 'finger on string'; readonly finger: Finger; readonly string: StringNumber }
  | { readonly by: 'arrival'; readonly way: 'up' | 'down' };

/** A group of notes that are missed to one side, more than chance would have it. */
export interface WeakPlace {
  readonly group: Group;
  /** The notes of the group, by line index, in time. */
  readonly notes: readonly number[];
  /** The mean miss of the group, cents. */
  readonly cents: number;
  /** The mean miss of all other stopped notes, cents. */
  readonly othersCents: number;
  /** The number of its notes that lie on the side of its mean. */
  readonly onThatSide: number;
}

/** The fewest notes of a group that say anything, and of the others. */
const FEWEST = 3;

/** The least difference from the other notes that a teacher would speak of, cents. */
const LEAST_CENTS = 7;

/**
 * The certainty from which a group is told, as a ratio of its difference to the error of that difference. Some twenty groups are looked at,
 * and a player without a weak place shall be told of none in 19 takes of 20.
 */
const TOLD_FROM = 3.6;

/**
 * Finds the groups of notes that are missed to one side, the surest first: each is compared with all other stopped notes by Student’s
 * test of two means (1908). A drift of the whole take is taken away first, and what is told of one group before the next is looked for, so
 * that nothing is told twice.
 */
export function weakPlaces(misses: readonly NoteMiss[]): readonly WeakPlace[] {
  const found: WeakPlace[] = [];
  const drift = driftOf(misses);
  let left = misses.flatMap((miss): readonly Counted[] =>
    miss.mm === null || miss.cents === null || miss.doubtful ? [] : [{ miss, cents: miss.cents - (drift?.at(miss.heard.at) ?? 0) }],
  );
  for (;;) {
    const best = surest(left);
    if (!best) return found;
    const { place, isOfIt } = best;
    found.push(place);
    left = left.map(({ miss, cents }) => ({ miss, cents: isOfIt(miss) ? cents - (place.cents - place.othersCents) : cents }));
    if (found.length >= MOST_PLACES) return found;
  }
}

/** The most places that are told: more than a few are no help. */
const MOST_PLACES = 3;

interface Counted {
  readonly miss: NoteMiss;
  /** The miss, less what was told already, cents. */
  readonly cents: number;
}

interface Found {
  readonly place: WeakPlace;
  readonly isOfIt: (miss: NoteMiss) => boolean;
}

function surest(counted: readonly Counted[]): Found | null {
  let [best, certainty]: [Found | null, number] = [null, TOLD_FROM];
  for (const [, group] of groupsOf(counted)) {
    const isOfIt = (miss: NoteMiss): boolean => groupsOfMiss(miss).some((other) => keyOf(other) === keyOf(group));
    const inside = counted.filter(({ miss }) => isOfIt(miss));
    const outside = counted.filter(({ miss }) => !isOfIt(miss));
    if (inside.length < FEWEST || outside.length < FEWEST) continue;
    const [cents, othersCents] = [meanOf(inside), meanOf(outside)];
    const error = Math.sqrt(varianceOf(inside, outside) * (1 / inside.length + 1 / outside.length));
    const sure = Math.abs(cents - othersCents) / Math.max(error, 1e-6);
    if (sure <= certainty || Math.abs(cents - othersCents) < LEAST_CENTS) continue;
    certainty = sure;
    const onThatSide = inside.filter((one) => Math.sign(one.cents - othersCents) === Math.sign(cents - othersCents)).length;
    best = { isOfIt, place: { group, notes: inside.map(({ miss }) => miss.note), cents, othersCents, onThatSide } };
  }
  return best;
}

/** The least spread of a stopped note that is assumed, cents: a few notes may lie close together by chance. */
const LEAST_SPREAD = 3;

/** Gives the variance of two groups together, each around its own mean. */
function varianceOf(one: readonly Counted[], other: readonly Counted[]): number {
  const squares = [one, other].map((group) => {
    const mean = meanOf(group);
    return group.reduce((sum, { cents }) => sum + (cents - mean) ** 2, 0);
  });
  const free = Math.max(1, one.length + other.length - 2);
  return Math.max(LEAST_SPREAD ** 2, squares.reduce((sum, square) => sum + square, 0) / free);
}

function meanOf(counted: readonly Counted[]): number {
  return counted.reduce((sum, { cents }) => sum + cents, 0) / Math.max(1, counted.length);
}

function groupsOf(counted: readonly Counted[]): ReadonlyMap<string, Group> {
  return new Map(counted.flatMap(({ miss }) => groupsOfMiss(miss).map((group): [string, Group] => [keyOf(group), group])));
}

function keyOf(group: Group): string {
  return JSON.stringify(group);
}

function groupsOfMiss({ stop: { finger, string }, due: { shift } }: NoteMiss): readonly Group[] {
  return [
    { by: 'finger', finger },
    { by: 'string', string },
    { by: 'finger on string', finger, string },
    ...(shift && shift.handSemitones !== 0 ? [{ by: 'arrival', way: shift.handSemitones > 0 ? 'up' : 'down' } as const] : []),
  ];
}
