import type { Key, Pitch } from '#core/pitch';
import { addFractions, type Fraction, ZERO } from './fraction.ts';

/** Beats to the measure and the value of one. */
export interface Meter {
  readonly beats: number;
  readonly beatValue: number;
}

/** A note or rest in its place in time. Ties do not appear: a tied note is one note of the whole length. */
export type LineNote =
  | {
      readonly kind: 'note';
      /** Sounding pitch. */
      readonly pitch: Pitch;
      readonly duration: Fraction;
      /** Time from the beginning of the line. */
      readonly onset: Fraction;
      /** Whether the next note is played in the same bow. */
      readonly slurredToNext: boolean;
    }
  | { readonly kind: 'rest'; readonly duration: Fraction; readonly onset: Fraction };

/** What is to be played, exact: the one form every material takes before it is fingered. */
export interface Line {
  readonly key: Key;
  readonly meter: Meter;
  readonly notes: readonly LineNote[];
}

/** A note or rest before it has its place in time. */
export type UnplacedNote =
  | { readonly kind: 'note'; readonly pitch: Pitch; readonly duration: Fraction; readonly slurredToNext: boolean }
  | { readonly kind: 'rest'; readonly duration: Fraction };

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
