import { formatKey, keyOfSignature, type KeyMode, keyOfTonic } from '#core/key';
import { pitchAt, semitonesOf, stepsOf, transpose } from '#core/pitch';
import { numberOf, type ReadElement, textOf } from '#core/format';
import type { Transposition } from './read-note.ts';

/** A written key signature. */
export interface WrittenKey {
  /** The number of sharps, or of flats below 0: −7 … 7. */
  readonly fifths: number;
  /** The mode: major, unless it is said to be minor. */
  readonly mode: KeyMode;
}

/** Reads the signature in a key element; null for one that no major or minor key has. */
export function writtenKey(key: ReadElement): WrittenKey | null {
  const fifths = numberOf(key, 'fifths');
  if (fifths === undefined || !Number.isInteger(fifths) || Math.abs(fifths) > 7) return null;
  return { fifths, mode: textOf(key, 'mode') === 'minor' ? 'minor' : 'major' };
}

/**
 * Gives the key that sounds where one is written for a part that transposes, documents' form: of two that are the same on the piano, the
 * nearer.
 */
export function soundingKey({ fifths, mode }: WrittenKey, by: Transposition): string {
  const tonic = keyOfSignature(fifths, mode)?.tonic;
  const sounding = tonic && transpose(tonic, by);
  const keys = [0, 1, -1].flatMap((off) => {
    const spelled = sounding && pitchAt(stepsOf(sounding) + off, semitonesOf(sounding));
    return (spelled && keyOfTonic(spelled, mode)) ?? [];
  });
  return keys[0] ? formatKey(keys[0]) : 'C major';
}
