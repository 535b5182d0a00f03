import type { Task } from '#core/brief';
import { mmFromNut } from '#core/instrument';
import type { PlacedNote } from '#core/solve';
import { positionOf } from '../position-of.ts';
import type { Stay } from '../types/stay.ts';
import { acrossStrings, patternsOf } from './patterns.ts';
import { plannedReach, widestReach } from './planned-reach.ts';

/**
 * The line cut where the hand shifts. A shift during an open string counts from the next stopped note, so the open
 * string belongs to the stay before it. The stretch covered is that of all shapes used in the stay.
 */
export function staysOf(task: Task, placed: readonly PlacedNote[]): readonly Stay[] {
  const groups: PlacedNote[][] = [];
  for (const note of placed) {
    const group = groups[groups.length - 1];
    const last = group?.[group.length - 1];
    if (!group || !last || task.hand.isShift(last.placement, note.placement)) groups.push([note]);
    else group.push(note);
  }
  return groups.flatMap((group) => stayOf(task, group));
}

function stayOf(task: Task, group: readonly PlacedNote[]): readonly Stay[] {
  const first = group[0];
  const last = group[group.length - 1];
  if (!first || !last) return [];
  const stopped = group.filter((note) => note.placement.finger !== '0');
  const frames = (stopped.length > 0 ? stopped : group).map((note) => task.hand.frameOf(note.placement));
  const lowestSemitone = Math.min(...frames.map((frame) => frame.lowest));
  const highestSemitone = Math.max(...frames.map((frame) => frame.highest));
  const firstFingerSemitone = task.hand.firstFingerAt((stopped[0] ?? first).placement);
  const patterns = patternsOf(task, group);
  return [
    {
      from: first.index,
      to: last.index,
      position: positionOf(task, (stopped[0] ?? first).placement),
      lowestSemitone,
      highestSemitone,
      lowestMm: mmFromNut(task.instrument.stringLengthMm, lowestSemitone),
      highestMm: mmFromNut(task.instrument.stringLengthMm, highestSemitone),
      firstFingerSemitone,
      firstFingerMm: mmFromNut(task.instrument.stringLengthMm, firstFingerSemitone),
      patterns,
      acrossStrings: acrossStrings(patterns),
      reach: widestReach(group.map((note) => plannedReach(task, note.placement))),
    },
  ];
}
