import { isInKey, type Key } from '#core/key';
import { semitonesOf } from '#core/pitch';

const OCTAVE = 12;

/**
 * Gives the steps from an open string (semitones above C0) up the notes of a key to the first tonic, in semitones, one after the other; the
 * first goes from the open string to the next note of the key, whether the open note belongs to it or not. Empty where the open string is
 * the tonic.
 */
export function stepsToTonic(openSemitones: number, key: Key): readonly number[] {
  const tonic = semitonesOf({ ...key.tonic, octave: 4 });
  const distance = (((tonic - openSemitones) % OCTAVE) + OCTAVE) % OCTAVE;
  const notes = Array.from({ length: distance }, (_, order) => order + 1).filter((above) => isInKey(openSemitones + above, key));
  return notes.map((above, order) => above - (notes[order - 1] ?? 0));
}
