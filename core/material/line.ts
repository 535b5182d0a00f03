import type { Key, Pitch } from '#core/pitch';
import type { FingerPair } from './double-stops.ts';
import { addFractions, type Fraction, ZERO } from './fraction.ts';

/** Beats to the measure and the value of one. */
export interface Meter {
  readonly beats: number;
  readonly beatValue: number;
}

/** A note, or two sounding together. */
export interface NoteContent {
  readonly kind: 'note';
  /** Sounding pitch; of a double stop, the lower. */
  readonly pitch: Pitch;
  /** The upper pitch of a double stop; null for a single note. */
  readonly upper: Pitch | null;
  /** To be touched as a natural harmonic. */
  readonly harmonic: boolean;
  /** Fingers the figure asks for, of a double stop; null leaves them free. */
  readonly fingerPairs: readonly FingerPair[] | null;
  readonly duration: Fraction;
  /** Whether the next note is played in the same bow. */
  readonly slurredToNext: boolean;
}

/** A note or rest in its place in time. Ties do not appear: a tied note is one note of the whole length. */
export type LineNote = UnplacedNote & {
  /** Time from the beginning of the line. */
  readonly onset: Fraction;
};

/** What is to be played, exact: the one form every material takes before it is fingered. */
export interface Line {
  readonly key: Key;
  readonly meter: Meter;
  readonly notes: readonly LineNote[];
}

/** A note or rest before it has its place in time. */
export type UnplacedNote = NoteContent | { readonly kind: 'rest'; readonly duration: Fraction };

/** A single stopped note as scales and arpeggios have it. */
export function plainNote(pitch: Pitch, duration: Fraction, slurredToNext: boolean): NoteContent {
  return { kind: 'note', pitch, upper: null, harmonic: false, fingerPairs: null, duration, slurredToNext };
}

/** Sets notes one after the other. */
export function lineOf(key: Key, meter: Meter, notes: readonly UnplacedNote[]): Line {
  let onset = ZERO;
  const placed = notes.map((note): LineNote => {
    const here = { ...note, onset };
    onset = addFractions(onset, note.duration);
    return here;
  });
  return { key, meter, notes: placed };
}
