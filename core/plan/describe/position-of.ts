import type { Task } from '#core/brief';
import { inThumbPosition, type Placement, type PositionName } from '#core/hand';
import { stringOf, writtenOnString } from '#core/instrument';
import { formatPitch, pitchInKey } from '#core/pitch';

/** The position of a placement as its players name it in the key of the task: thumb position by the note under the thumb. */
export function positionOf({ instrument, hand, key }: Task, placement: Placement): PositionName {
  const name = hand.positionName(placement, key);
  if (!inThumbPosition(placement)) return name;
  const under = pitchInKey(stringOf(instrument, placement.stringIndex).semitones + placement.anchor, key);
  return { ...name, underThumb: formatPitch(writtenOnString(instrument, placement.stringIndex, under)) };
}
