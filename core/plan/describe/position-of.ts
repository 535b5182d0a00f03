import { type Task, taskAt } from '#core/brief';
import type { PlacedNote } from '#core/solve';
import { inThumbPosition, type Placement } from '#core/hand/placement';
import type { PositionName } from '#core/hand';
import type { Stay } from './types/stay.ts';
import { stringOf, writtenOnString } from '#core/instrument';
import { formatPitch } from '#core/pitch';
import { pitchInKey } from '#core/key';

/** Names the position of a placement as its players do, in the key of the task: thumb position by the note under the thumb. */
export function positionOf({ instrument, hand, key }: Task, placement: Placement): PositionName {
  const name = hand.positionName(placement, key);
  if (!inThumbPosition(placement)) return name;
  const under = pitchInKey(stringOf(instrument, placement.stringIndex).semitones + placement.anchor, key);
  return { ...name, underThumb: formatPitch(writtenOnString(instrument, placement.stringIndex, under)) };
}

/** Finds the placement by which a stay is named, of those that stop a string: a hand that opens is named as it is at rest. */
export function namingPlacement(stopped: readonly Placement[]): Placement | undefined {
  return stopped.find(({ block, anchor }) => block === null || block - anchor === 1) ?? stopped[0];
}

/**
 * Names the position of every note of a placed line: that of its stay, so that one hand has one name; thumb position is named string by
 * string.
 *
 * @throws by the returned function, for an index that is no note
 */
export function positionsIn(task: Task, placed: readonly PlacedNote[], stays: readonly Stay[]): (index: number) => PositionName {
  const at = taskAt(task);
  const named = new Map<number, PositionName>();
  let stay = 0;
  for (const { index, placement } of placed) {
    while (index > (stays[stay]?.to ?? Infinity)) stay += 1;
    const own = stays[stay]?.position;
    named.set(index, own === undefined || inThumbPosition(placement) ? positionOf(at(index), placement) : own);
  }
  return (index) => {
    const position = named.get(index);
    if (!position) throw new RangeError(`Element ${index} of the line is no placed note`);
    return position;
  };
}
