import type { Task } from '#core/brief';
import { isShift, type Placement, stopsIn } from '#core/hand/placement';
import type { PlacedNote } from '#core/solve';
import { noteAt } from '../shifts/note-at.ts';
import type { PlaceOfFirst } from '../types/stop.ts';

/**
 * Gives the place of finger 1 at every note, on the string that is played: its last place in this stay, else where the hand has it. Null
 * over open strings.
 */
export function firstFingers(task: Task, placed: readonly PlacedNote[]): readonly (PlaceOfFirst | null)[] {
  const stood = new Map<number, number>();
  let last: Placement | null = null;
  return placed.map(({ placement }) => {
    const stops = stopsIn(placement);
    const stop = stops.find(({ finger }) => finger === '1') ?? stops[0];
    if (!stop) return null;
    if (last && isShift(last, placement)) stood.clear();
    last = placement;
    for (const { finger, stringIndex, semitonesAboveOpen } of stops) if (finger === '1') stood.set(stringIndex, semitonesAboveOpen);
    const { pitch, written, semitonesAboveOpen } = noteAt(
      task,
      '1',
      stop.stringIndex,
      stood.get(stop.stringIndex) ?? placement.firstFinger,
    );
    return { pitch, written, semitonesAboveOpen };
  });
}
