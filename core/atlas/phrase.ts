import type { Finger } from '#core/hand/placement';
import { parsePitch, semitonesOf } from '#core/pitch';
import type { PositionMap } from './position-map.ts';

/** A note under the hand. */
export interface Inside {
  /** The sounding pitch, in documents' form. */
  readonly pitch: string;
  /** The written pitch, as the player reads it. */
  readonly written: string;
  /** The open note of its string. */
  readonly open: string;
  /** The finger; 0 for the open string. */
  readonly finger: Finger;
}

/** A note of a phrase that does not lie under the hand. */
export interface Outside {
  /** The index of the note in the phrase. */
  readonly note: number;
  /** The sounding pitch, in documents' form. */
  readonly pitch: string;
  /** The nearest note under the hand, the lower of two that are equally near; null where the hand holds nothing. */
  readonly nearest: Inside | null;
}

/**
 * Lists the notes that may be played in a position: those under the hand, and the open strings of the key.
 *
 * @param string the open note of the one string that is to be played on; null for all
 */
export function insideOf({ strings }: PositionMap, string: string | null): readonly Inside[] {
  return strings
    .filter(({ open }) => string === null || open === string)
    .toReversed()
    .flatMap(({ open, openWritten, openInKey, fingers }): readonly Inside[] => [
      ...(openInKey ? [{ pitch: open, written: openWritten, open, finger: '0' as const }] : []),
      ...fingers.map(({ pitch, written, finger }) => ({ pitch, written, open, finger })),
    ]);
}

/** Finds the notes of a phrase (sounding, documents' form; a rest is null) that lie outside, each with the nearest inside. */
export function outsideOf(inside: readonly Inside[], phrase: readonly (string | null)[]): readonly Outside[] {
  const places = inside.map((place) => ({ inside: place, semitones: soundingOf(place.pitch) }));
  return phrase.flatMap((pitch, note): readonly Outside[] => {
    if (pitch === null) return [];
    const semitones = soundingOf(pitch);
    if (places.some((place) => place.semitones === semitones)) return [];
    const byDistance = places.toSorted(
      (one, other) => Math.abs(one.semitones - semitones) - Math.abs(other.semitones - semitones) || one.semitones - other.semitones,
    );
    return [{ note, pitch, nearest: byDistance[0]?.inside ?? null }];
  });
}

function soundingOf(text: string): number {
  const pitch = parsePitch(text);
  return pitch.ok ? semitonesOf(pitch.value) : NaN;
}
