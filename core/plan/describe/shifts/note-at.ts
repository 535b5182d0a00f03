import type { Task } from '#core/brief';
import type { Finger } from '#core/hand/placement';
import { mmFromNut } from '#core/instrument/geometry';
import { stringOf, writtenOnString } from '#core/instrument';
import { formatPitch } from '#core/pitch';
import { pitchInKey } from '#core/key';
import type { InBetweenNote } from '../types/shift.ts';

/** Describes a place of a string as a note: its sound and its name. */
export function noteAt(task: Task, finger: Finger, stringIndex: number, semitones: number): InBetweenNote {
  const string = stringOf(task.instrument, stringIndex);
  const pitch = pitchInKey(string.semitones + semitones, task.key);
  return {
    finger,
    string: string.number,
    open: string.name,
    pitch: formatPitch(pitch),
    written: formatPitch(writtenOnString(task.instrument, stringIndex, pitch)),
    semitonesAboveOpen: semitones,
    mmFromNut: mmFromNut(task.instrument.stringLengthMm, semitones),
  };
}
