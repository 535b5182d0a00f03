import { pitchIssue } from '#core/messages';
import { badReading, goodReading, type Reading } from '#core/result';

/** The letters in the order of the scale on C; the index is the number of letter steps above C. */
export const LETTERS = ['C', 'D', 'E', 'F', 'G', 'A', 'B'] as const;

/** The index of a letter: 0 for C … 6 for B. */
export type LetterIndex = 0 | 1 | 2 | 3 | 4 | 5 | 6;

/** The semitones of the letters C … B above C: the major scale. */
export const DIATONIC_SEMITONES = [0, 2, 4, 5, 7, 9, 11] as const;

/** The order of letters on the line of fifths, F first, as letter indexes. */
const FIFTHS_ORDER: readonly LetterIndex[] = [3, 0, 4, 1, 5, 2, 6];

/** A pitch as it is spelled: F♯4 and G♭4 are different pitches here. Sounding, unless a name says written. */
export interface Pitch {
  /** The letter name. */
  readonly letter: LetterIndex;
  /** The semitones by which the accidental raises the letter: −2 (double flat) … 2 (double sharp). */
  readonly alteration: number;
  /** The scientific octave number, changing at C; middle C begins octave 4. */
  readonly octave: number;
}

/** An interval as spelled: its letter steps and its semitones, both upward. */
export interface Interval {
  /** The letter steps: 0 a unison, 7 an octave. */
  readonly steps: number;
  /** The semitones: 0 a unison, 12 an octave. */
  readonly semitones: number;
}

/** Gives the letter steps above C0: the place on the staff, whatever the accidental. */
export function stepsOf(pitch: Pitch): number {
  return pitch.octave * 7 + pitch.letter;
}

/** Gives the semitones above C0. */
export function semitonesOf(pitch: Pitch): number {
  return pitch.octave * 12 + DIATONIC_SEMITONES[pitch.letter] + pitch.alteration;
}

/** Gives the place on the line of fifths: F −1, C 0, G 1 … B 5; each sharp adds 7, each flat takes 7. */
export function fifthsOf(pitch: Pitch): number {
  return FIFTHS_ORDER.indexOf(pitch.letter) - 1 + 7 * pitch.alteration;
}

/** Gives the pitch on a staff place (letter steps above C0) that lies `semitones` above C0; null beyond double accidentals. */
export function pitchAt(steps: number, semitones: number): Pitch | null {
  const letter = letterAt(steps);
  const octave = Math.floor(steps / 7);
  const alteration = semitones - octave * 12 - DIATONIC_SEMITONES[letter];
  return Math.abs(alteration) > 2 ? null : { letter, alteration, octave };
}

/** Gives the pitch an interval above; null when it would need more than a double accidental. */
export function transpose(pitch: Pitch, interval: Interval): Pitch | null {
  return pitchAt(stepsOf(pitch) + interval.steps, semitonesOf(pitch) + interval.semitones);
}

/** Spells the same sound on the next letter up (`1`) or down (`−1`): F♯ as G♭; null beyond double accidentals. */
export function respell(pitch: Pitch, letterSteps: 1 | -1): Pitch | null {
  return pitchAt(stepsOf(pitch) + letterSteps, semitonesOf(pitch));
}

/** Tells whether two pitches are spelled and sound alike. */
export function samePitch(one: Pitch, other: Pitch): boolean {
  return one.letter === other.letter && one.alteration === other.alteration && one.octave === other.octave;
}

/**
 * Gives the frequency in Hz in equal temperament: `a4Hz · 2^((s − 57)/12)` with `s` semitones above C0 (A4 is 57 above C0),
 * the definition of twelve equal parts of the octave.
 *
 * @example frequencyHz(C5, 440) is 523.25.
 */
export function frequencyHz(pitch: Pitch, a4Hz: number): number {
  return a4Hz * 2 ** ((semitonesOf(pitch) - 57) / 12);
}

/** Writes a pitch in documents' form, the inverse of `parsePitch`: `"Eb4"`. */
export function formatPitch(pitch: Pitch): string {
  const accidental = pitch.alteration < 0 ? 'b'.repeat(-pitch.alteration) : '#'.repeat(pitch.alteration);
  return `${LETTERS[pitch.letter]}${accidental}${pitch.octave}`;
}

/** Writes a pitch for people, without octave: `"E♭"`, `"F𝄪"`. */
export function displayPitchClass(pitch: Pitch): string {
  const accidentals: Readonly<Record<string, string>> = { '-2': '𝄫', '-1': '♭', '0': '', '1': '♯', '2': '𝄪' };
  return `${LETTERS[pitch.letter]}${accidentals[String(pitch.alteration)] ?? ''}`;
}

/** Writes a pitch for people: `"E♭4"`. */
export function displayPitch(pitch: Pitch): string {
  return `${displayPitchClass(pitch)}${pitch.octave}`;
}

/** Writes a pitch text for people: "E♭4". A text that is no pitch comes back as it is. */
export function pitchLabel(text: string): string {
  const pitch = parsePitch(text);
  return pitch.ok ? displayPitch(pitch.value) : text;
}

/** Writes the note of a pitch text, or of a note name alone, without its octave: "E♭". A text that is neither comes back as it is. */
export function noteLabel(text: string): string {
  const pitch = parsePitch(/[0-9]$/.test(text) ? text : `${text}4`);
  return pitch.ok ? displayPitchClass(pitch.value) : text;
}

/**
 * Reads one pitch as people type it: `Eb4`, `E♭4`, `f##5`, `Fx5`. The letter may be small; the octave is needed.
 * Octaves −1 to 9 and at most a double accidental.
 */
export function parsePitch(text: string): Reading<Pitch> {
  const match = /^([A-Ga-g])(##|#|x|♯♯|♯|𝄪|bb|b|♭♭|♭|𝄫)?(-?[0-9])?$/u.exec(text.trim());
  const letterText = match?.[1];
  if (!match || letterText === undefined) return badReading(pitchIssue('not-a-pitch', { text }));
  const octaveText = match[3];
  if (octaveText === undefined) return badReading(pitchIssue('needs-octave', { text: text.trim() }));
  const alteration = { '##': 2, x: 2, '♯♯': 2, '𝄪': 2, '#': 1, '♯': 1, b: -1, '♭': -1, bb: -2, '♭♭': -2, '𝄫': -2 }[match[2] ?? ''] ?? 0;
  return goodReading({ letter: letterNamed(letterText), alteration, octave: Number(octaveText) });
}

function letterNamed(text: string): LetterIndex {
  return letterAt(LETTERS.findIndex((letter) => letter === text.toUpperCase()));
}

function letterAt(steps: number): LetterIndex {
  const letters: readonly LetterIndex[] = [0, 1, 2, 3, 4, 5, 6];
  return letters[((steps % 7) + 7) % 7] ?? 0;
}
