import type { Task } from '#core/brief';
import { type Finger, isShift, type Placement, rankOf } from '#core/hand';
import { stringOf } from '#core/instrument';
import type { PlacedNote } from '#core/solve';
import type { AcrossStrings, FingerGap, FingerPattern, SetDown } from '../types/stay.ts';

/** The finger pattern of every string used in one stay: where each finger stands, and what touches. */
export function patternsOf(task: Task, group: readonly PlacedNote[]): readonly FingerPattern[] {
  const stopped = group.filter((placed) => placed.placement.finger !== '0' && placed.placement.upper === null);
  const strings = [...new Set(stopped.map((placed) => placed.placement.stringIndex))].toSorted((one, other) => other - one);
  return strings.flatMap((stringIndex) => {
    const here = stopped.filter((placed) => placed.placement.stringIndex === stringIndex).map((placed) => placed.placement);
    const frame = here[0];
    if (!frame) return [];
    const places = placesOf(task, stringIndex, frame, here);
    const string = stringOf(task.instrument, stringIndex);
    return [{ string: string.number, open: string.name, places, gaps: gapsBetween(places) }];
  });
}

/** The fingers that play stand where they play (the last place counts); the others where the frame puts them, if that is in order. */
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

/** Where one finger stands higher or lower on the next string than on this: only fingers that play on both. */
export function acrossStrings(patterns: readonly FingerPattern[]): readonly AcrossStrings[] {
  return patterns.slice(1).flatMap((pattern, index) => {
    const lower = patterns[index];
    if (!lower) return [];
    return pattern.places.flatMap((place) => {
      const same = lower.places.find((other) => other.finger === place.finger);
      if (!same?.played || !place.played || same.semitonesAboveOpen === place.semitonesAboveOpen) return [];
      const semitones = place.semitonesAboveOpen - same.semitonesAboveOpen;
      return [{ finger: place.finger, fromString: lower.string, toString: pattern.string, semitones }];
    });
  });
}

/**
 * Fingers to set down together: where the line comes down onto a lower string, the finger that plays first and those
 * that will be needed below it before the line turns or leaves the string.
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

/** Down on the same string, the hand staying where it is. */
function comesDown(before: Placement | undefined, here: Placement): boolean {
  if (before?.stringIndex !== here.stringIndex) return false;
  return before.semitonesAboveOpen > here.semitonesAboveOpen && !isShift(before, here);
}
