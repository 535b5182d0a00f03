import { type Task, taskAt } from '#core/brief';
import type { PositionName } from '#core/hand';
import { stringOf } from '#core/instrument';
import { formatPitch } from '#core/pitch';
import type { PlacedNote } from '#core/solve';
import type { Landmark } from './types/stay.ts';

/**
 * Lists every tonic of the line, in the key that each note stands in: the places to remember, above all where each octave ends on another
 * finger.
 */
export function landmarksOf(task: Task, placed: readonly PlacedNote[], positions: (index: number) => PositionName): readonly Landmark[] {
  const { instrument } = task;
  const at = taskAt(task);
  return placed
    .filter(({ index, note: { pitch } }) => {
      const { tonic } = at(index).key;
      return pitch.letter === tonic.letter && pitch.alteration === tonic.alteration;
    })
    .map(({ index, note, placement }) => ({
      note: index,
      pitch: formatPitch(note.pitch),
      string: stringOf(instrument, placement.stringIndex).number,
      finger: placement.finger,
      position: positions(index),
    }));
}
