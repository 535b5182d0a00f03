import type { Task } from '#core/brief';
import { isShift, type Placement, stopsIn, type StringStop } from '#core/hand/placement';
import { stringOf } from '#core/instrument';
import type { PlacedNote } from '#core/solve';
import type { Diagonal } from '../types/stop.ts';

/**
 * Gives for every note the last place of its finger in this stay on a neighbouring string, when that is a semitone away: the finger lies
 * diagonally, not straight across. Null where it lies straight, or has not played there.
 */
export function diagonalsOf(task: Task, placed: readonly PlacedNote[]): readonly (Diagonal | null)[] {
  const stood = new Map<string, StringStop>();
  let last: Placement | null = null;
  return placed.map(({ placement }) => {
    const [stop] = stopsIn(placement);
    if (!stop) return null;
    if (last && isShift(last, placement)) stood.clear();
    last = placement;
    const alone = placement.upper === null && placement.finger !== '0';
    const found = alone ? diagonalTo(task, stop, stood) : null;
    for (const stop of stopsIn(placement)) stood.set(keyOf(stop.finger, stop.stringIndex), stop);
    return found;
  });
}

function diagonalTo({ instrument }: Task, stop: StringStop, stood: ReadonlyMap<string, StringStop>): Diagonal | null {
  for (const neighbour of [stop.stringIndex - 1, stop.stringIndex + 1]) {
    const there = stood.get(keyOf(stop.finger, neighbour));
    const semitones = there ? stop.semitonesAboveOpen - there.semitonesAboveOpen : 0;
    if (!there || Math.abs(semitones) !== 1) continue;
    const sounds = [stop, there].map((stop) => stringOf(instrument, stop.stringIndex).semitones + stop.semitonesAboveOpen);
    const apart = Math.abs((sounds[0] ?? 0) - (sounds[1] ?? 0));
    return { string: stringOf(instrument, neighbour).number, open: stringOf(instrument, neighbour).name, semitones, apart };
  }
  return null;
}

function keyOf(finger: string, stringIndex: number): string {
  return `${finger} ${stringIndex}`;
}
