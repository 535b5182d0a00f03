import { lineIssue } from '#core/messages';
import type { Pitch } from '#core/pitch';
import { badReading, goodReading, type Reading } from '#core/result';
import {
  addFractions,
  asNumber,
  compareFractions,
  formatFraction,
  type Fraction,
  parseFraction,
  subtractFractions,
  ZERO,
} from '#core/fraction';
import { measureLength, type Meter, type Rhythm, tupletStarts, writeFrom } from '#core/rhythm';
import type { Accent, Articulation } from './articulation.ts';
import type { FingerPair } from '#core/material/scale';
import type { Ornament } from './ornament.ts';
import type { Signature, SignatureFrom } from '#core/material/signature';

/** A note, or two or three sounding together. */
export interface NoteContent {
  /** The kind that is no rest. */
  readonly kind: 'note';
  /** The sounding pitch; of a double stop or a chord, the lowest. */
  readonly pitch: Pitch;
  /** The upper pitch of a double stop, of a chord the middle one; null for a single note. */
  readonly upper: Pitch | null;
  /** The top pitch of a chord of three; null for any other note. */
  readonly top: Pitch | null;
  /** The kind of harmonic: natural, or over a stopped note; null for a plain note. */
  readonly harmonic: 'natural' | 'stopped' | null;
  /** The trill or mordent on it; null for a plain note. */
  readonly ornament: Ornament | null;
  /** The accent it is played with; null for none. */
  readonly accent: Accent | null;
  /** The articulation: short, held to its end, or held and set apart; null for none of them. */
  readonly articulation: Articulation | null;
  /** Whether it is a grace note: written before the next one, with no time of its own. */
  readonly grace: boolean;
  /** The fingers the figure asks for in a double stop; null leaves them free. */
  readonly fingerPairs: readonly FingerPair[] | null;
  /** The length in whole notes; of a grace note, the length it is written with. */
  readonly duration: Fraction;
  /** Whether the next note is played in the same bow. */
  readonly slurredToNext: boolean;
}

/** A note or rest in its place in time. Ties do not appear: a tied note is one note of the whole length. */
export type LineNote = UnplacedNote & {
  /** The time from the beginning of the measure in which the line begins: after a pick-up the first note is not at 0. */
  readonly onset: Fraction;
};

/** The music to be played, exact: the one form every material takes before it is fingered. */
export interface Line extends Signature {
  /** The changes of key or meter on the way, in order; mostly none. */
  readonly changes: readonly SignatureFrom[];
  /** The notes and rests in order, without gaps. */
  readonly notes: readonly LineNote[];
}

/** A note or rest before it has its place in time. */
export type UnplacedNote = NoteContent | { readonly kind: 'rest'; readonly duration: Fraction };

/** Makes a single stopped note as scales and arpeggios have it. */
export function plainNote(pitch: Pitch, duration: Fraction, slurredToNext: boolean): NoteContent {
  return {
    kind: 'note',
    pitch,
    upper: null,
    top: null,
    harmonic: null,
    ornament: null,
    accent: null,
    articulation: null,
    grace: false,
    fingerPairs: null,
    duration,
    slurredToNext,
  };
}

/** Lists the pitches that sound together, from the lowest. */
export function pitchesOf({ pitch, upper, top }: Pick<NoteContent, 'pitch' | 'upper' | 'top'>): readonly Pitch[] {
  return [pitch, ...(upper ? [upper] : []), ...(top ? [top] : [])];
}

/** The signature of a line: the key and meter it begins with, their changes, and the length of its pick-up. */
export interface LineSetting extends Signature {
  /** The changes in order; none where it is left out. */
  readonly changes?: readonly SignatureFrom[];
  /** The pick-up in whole notes; null for a line that begins with a bar line. */
  readonly pickUp: Fraction | null;
}

/** Sets notes one after the other. */
export function lineOf({ key, meter, changes = [], pickUp }: LineSetting, notes: readonly UnplacedNote[]): Line {
  let onset = pickUp ? subtractFractions(measureLength(meter), pickUp) : ZERO;
  const placed = notes.map((note): LineNote => {
    const here = { ...note, onset };
    if (!isGrace(note)) onset = addFractions(onset, note.duration);
    return here;
  });
  return { key, meter, changes, notes: placed };
}

/** Tells whether an element of a line is a grace note, which has no time of its own. */
export function isGrace(note: UnplacedNote | undefined): boolean {
  return note?.kind === 'note' && note.grace;
}

/** Tells whether the next note is played in the same bow: slurred to it, or a grace note leads to it. */
export function inOneBow(note: UnplacedNote | undefined): boolean {
  return note?.kind === 'note' && (note.slurredToNext || note.grace);
}

/** The longest line, whole notes: ten thousand notes of two measures each. */
const LONGEST = 20_000;

/**
 * Returns the line if all its lengths can be written with tied notes, plain, dotted or of a tuplet, and it ends in time; else reports what
 * cannot be written.
 */
export function writableLine(line: Line): Reading<Line> {
  const last = line.notes[line.notes.length - 1];
  if (last && asNumber(last.onset) + asNumber(last.duration) > LONGEST) {
    return badReading(lineIssue('too-long-to-play', { most: LONGEST }, { pointer: '/material/notes' }));
  }
  const starts = tupletStarts(line.notes.map(({ onset }) => onset));
  const wrong = line.notes.findIndex((note, index) => writeFrom(isGrace(note) ? ZERO : note.onset, note.duration, starts[index]) === null);
  const duration = line.notes[wrong]?.duration;
  if (!duration) return goodReading(line);
  const where = { note: wrong, pointer: `/material/notes/${wrong}/duration` };
  return badReading(lineIssue('duration-not-writable', { duration: formatFraction(duration) }, where));
}

/** Gives the pick-up of a rhythm, where it is shorter than a measure; null for none, and for one that fills measures. */
export function pickUpOf({ pickUp }: Rhythm, meter: Meter): Fraction | null {
  const length = pickUp === undefined ? null : parseFraction(pickUp);
  return length && compareFractions(length, measureLength(meter)) < 0 ? length : null;
}
