import type { Task } from '#core/brief';
import { type Finger, FINGERS, isShift, type Placement, rankOf } from '#core/hand/placement';
import { STRING_NUMBERS, stringOf } from '#core/instrument';
import type { PlacedNote } from '#core/solve';
import type { AcrossStrings, FingerGap, FingerPattern, SetDown } from '../types/stay.ts';

/**
 * Describes the finger pattern of every string used in one stay, in the order in which the line comes to them: the place of each finger,
 * and the fingers that touch. Where a finger stands elsewhere on the way down than on the way up (the melodic minor), each way has a
 * pattern of its own.
 */
export function patternsOf(task: Task, group: readonly PlacedNote[]): readonly FingerPattern[] {
  const ways = waysOf(task, group);
  const stopped = group.filter((placed) => placed.placement.finger !== '0' && placed.placement.upper === null);
  const strings = [...new Set(stopped.map((placed) => placed.placement.stringIndex))];
  return strings.flatMap((stringIndex) => {
    const here = stopped.filter((placed) => placed.placement.stringIndex === stringIndex);
    const up = here.filter((placed) => ways.get(placed) === 'up');
    const down = here.filter((placed) => ways.get(placed) === 'down');
    const told = standOtherwise(up, down)
      ? ([
          ['up', up],
          ['down', down],
        ] as const)
      : ([['both', here]] as const);
    return told.flatMap(([way, notes]) => patternOn(task, stringIndex, notes, way));
  });
}

function patternOn(task: Task, stringIndex: number, notes: readonly PlacedNote[], way: FingerPattern['way']): readonly FingerPattern[] {
  const here = notes.map(({ placement }) => placement);
  const frame = here[0];
  if (!frame) return [];
  const places = placesOf(task, stringIndex, frame, here);
  const string = stringOf(task.instrument, stringIndex);
  return [{ string: string.number, open: string.name, way, places, gaps: gapsBetween(places) }];
}

/** Tells whether the line goes up or down to each note of a stay; at the first note, whether it goes on upward. */
function waysOf({ instrument }: Task, group: readonly PlacedNote[]): ReadonlyMap<PlacedNote, 'up' | 'down'> {
  const soundOf = ({ placement }: PlacedNote): number => stringOf(instrument, placement.stringIndex).semitones + placement.soundsAboveOpen;
  return new Map(
    group.map((note, order) => {
      const [before, after] = [group[order - 1], group[order + 1]];
      const rises = before ? soundOf(note) >= soundOf(before) : !after || soundOf(after) >= soundOf(note);
      return [note, rises ? 'up' : 'down'] as const;
    }),
  );
}

/** Tells whether one finger plays at other places on the way down than on the way up. */
function standOtherwise(up: readonly PlacedNote[], down: readonly PlacedNote[]): boolean {
  const placesOn = (notes: readonly PlacedNote[], finger: Finger): string =>
    [...new Set(notes.filter(({ placement }) => placement.finger === finger).map(({ placement }) => placement.semitonesAboveOpen))].join();
  return up.some(({ placement: { finger } }) => {
    const there = placesOn(down, finger);
    return there !== '' && there !== placesOn(up, finger);
  });
}

/**
 * Gives the places of the fingers: those that play stand where they play (the last place counts); the others where the frame puts them, if
 * that is in order.
 */
function placesOf(task: Task, stringIndex: number, frame: Placement, here: readonly Placement[]): FingerPattern['places'] {
  const played = new Map(here.map((placement) => [placement.finger, placement.semitonesAboveOpen]));
  const fingers = task.hand.fingers.filter((finger) => finger !== '0');
  return fingers.flatMap((finger): FingerPattern['places'] => {
    const own = played.get(finger);
    if (own !== undefined) return [{ finger, semitonesAboveOpen: own, played: true }];
    const resting = task.hand.standsAt(finger, frame, { stringIndex, keyed: task.keyed });
    return resting === null || !inOrder(finger, resting, played) ? [] : [{ finger, semitonesAboveOpen: resting, played: false }];
  });
}

function inOrder(finger: Finger, semitones: number, played: ReadonlyMap<Finger, number>): boolean {
  const rank = rankOf(finger) ?? 0;
  return [...played].every(([other, place]) => Math.sign((rankOf(other) ?? 0) - rank) === Math.sign(place - semitones));
}

function gapsBetween(places: FingerPattern['places']): readonly FingerGap[] {
  return places.slice(1).flatMap((place, index) => {
    const before = places[index];
    return before ? [{ from: before.finger, to: place.finger, semitones: place.semitonesAboveOpen - before.semitonesAboveOpen }] : [];
  });
}

/**
 * Finds the fingers that stand higher or lower on the next string than on this, going up and coming down: only fingers that play on both.
 */
export function acrossStrings(patterns: readonly FingerPattern[]): readonly AcrossStrings[] {
  const found = (['up', 'down'] as const).flatMap((way) =>
    acrossOneWay(patterns.filter((pattern) => pattern.way === 'both' || pattern.way === way)),
  );
  const known = new Set<string>();
  return found.filter((found) => {
    const key = JSON.stringify(found);
    const isNew = !known.has(key);
    known.add(key);
    return isNew;
  });
}

function acrossOneWay(found: readonly FingerPattern[]): readonly AcrossStrings[] {
  const patterns = found.toSorted((one, other) => STRING_NUMBERS.indexOf(other.string) - STRING_NUMBERS.indexOf(one.string));
  return patterns.slice(1).flatMap((pattern, index) => {
    const lower = patterns[index];
    if (!lower) return [];
    return pattern.places.flatMap((place) => {
      const same = lower.places.find((other) => other.finger === place.finger);
      if (!same?.played || !place.played || same.semitonesAboveOpen === place.semitonesAboveOpen) return [];
      const semitones = place.semitonesAboveOpen - same.semitonesAboveOpen;
      const { semitonesAboveOpen } = same;
      return [{ finger: place.finger, fromString: lower.string, toString: pattern.string, semitonesAboveOpen, semitones }];
    });
  });
}

/**
 * Finds fingers to set down together: where the line comes down onto a lower string, the finger that plays first and those that will be
 * needed below it before the line turns or leaves the string.
 */
export function setDownsOf(task: Task, placed: readonly PlacedNote[]): readonly SetDown[] {
  return placed.flatMap((note, order) => {
    const before = placed[order - 1];
    if (!before || note.placement.finger === '0' || note.placement.stringIndex <= before.placement.stringIndex) return [];
    const fingers = fingersComingDown(placed, order);
    const string = stringOf(task.instrument, note.placement.stringIndex);
    return fingers.length > 1 ? [{ note: note.index, string: string.number, fingers }] : [];
  });
}

function fingersComingDown(placed: readonly PlacedNote[], order: number): readonly Finger[] {
  const fingers: Finger[] = [];
  for (let index = order; index < placed.length; index += 1) {
    const here = placed[index]?.placement;
    if (!here || here.finger === '0' || here.upper) break;
    if (index > order && !comesDown(placed[index - 1]?.placement, here)) break;
    if (!fingers.includes(here.finger)) fingers.push(here.finger);
  }
  return fingers;
}

/** Tells whether the line comes down on the same string while the hand stays where it is. */
function comesDown(before: Placement | undefined, here: Placement): boolean {
  if (before?.stringIndex !== here.stringIndex) return false;
  return before.semitonesAboveOpen > here.semitonesAboveOpen && !isShift(before, here);
}

/**
 * Gives the key under which a teacher's own name for a pattern is kept: the fingers and the semitones between them, "1-2:2 2-3:1 3-4:2".
 */
export function patternKey({ gaps }: Pick<FingerPattern, 'gaps'>): string {
  return gaps.map(({ from, to, semitones }) => `${from}-${to}:${semitones}`).join(' ');
}

/** Reads the distances from such a key; those that do not read are left out. */
export function gapsOfKey(key: string): readonly FingerGap[] {
  return key.split(' ').flatMap((text): readonly FingerGap[] => {
    const [, low, high, semitones] = /^(\w)-(\w):(\d+)$/.exec(text) ?? [];
    const [from, to] = [FINGERS.find((finger) => finger === low), FINGERS.find((finger) => finger === high)];
    return from && to ? [{ from, to, semitones: Number(semitones) }] : [];
  });
}
