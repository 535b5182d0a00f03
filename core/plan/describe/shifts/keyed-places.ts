import type { Task } from '#core/brief';
import { stringOf } from '#core/instrument';
import { alterationInKey, DIATONIC_SEMITONES, type LetterIndex, stepsOf } from '#core/pitch';

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
