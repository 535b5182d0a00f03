import { stringOf } from '#core/instrument';
import { DIATONIC_SEMITONES, alterationInKey, type LetterIndex, stepsOf } from '#core/pitch';
import type { Task } from './read-brief.ts';

/** Semitones above an open string of the letter so many steps above it, as the key of the line spells it. */
export function keyedPlaces({ instrument, line }: Task, stringIndex: number): (letterSteps: number) => number {
  const string = stringOf(instrument, stringIndex);
  return (letterSteps) => {
    const steps = stepsOf(string.open) + letterSteps;
    const letters: readonly LetterIndex[] = [0, 1, 2, 3, 4, 5, 6];
    const letter = letters[steps % 7] ?? 0;
    return 12 * Math.floor(steps / 7) + DIATONIC_SEMITONES[letter] + alterationInKey(line.key, letter) - string.semitones;
  };
}
