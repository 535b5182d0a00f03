import { pitchIssue } from '#core/messages';
import { badReading, goodReading, type Reading } from '#core/result';
import { displayPitch, displayPitchClass, fifthsOf, type LetterIndex, parsePitch, type Pitch, pitchAt, stepsOf } from '#core/pitch';

/** The two modes in which a key signature is read. */
export const KEY_MODES = ['major', 'minor'] as const;

/** A mode: for a key signature, all three minor scales are minor. */
export type KeyMode = (typeof KEY_MODES)[number];

/** A key: its tonic (the octave is of no meaning here), its mode, and its signature. */
export interface Key {
  /** The tonic; its octave has no meaning. */
  readonly tonic: Pitch;
  /** The mode of the signature. */
  readonly mode: KeyMode;
  /** The sharps of the signature; flats are negative. −7 … 7. */
  readonly fifths: number;
}

/** The letters in the order in which sharps are added to a signature; flats are added from the other end. */
const SHARP_ORDER: readonly LetterIndex[] = [3, 0, 4, 1, 5, 2, 6];

/** Gives the key on a tonic; null when its signature would need more than seven sharps or flats (G♯ major, F♭ minor). */
export function keyOfTonic(tonic: Pitch, mode: KeyMode): Key | null {
  const fifths = fifthsOf(tonic) - (mode === 'minor' ? 3 : 0);
  return Math.abs(fifths) > 7 ? null : { tonic, mode, fifths };
}

/** Gives the key with a number of sharps, or flats below 0; null beyond seven. */
export function keyOfSignature(fifths: number, mode: KeyMode): Key | null {
  if (!Number.isInteger(fifths) || Math.abs(fifths) > 7) return null;
  // A fifth up is four letters and seven semitones, an octave back where it goes beyond one; A minor has the signature of C major.
  const above = (fifths + (mode === 'minor' ? 3 : 0)) * 4;
  const letter = ((above % 7) + 7) % 7;
  const semitones = 7 * (fifths + (mode === 'minor' ? 3 : 0)) - 12 * Math.floor(above / 7);
  const tonic = pitchAt(4 * 7 + letter, 4 * 12 + semitones);
  return tonic && keyOfTonic(tonic, mode);
}

/** Gives the plain name of the sound a number of semitones above C0, with sharps where there is no natural: "C♯4". */
export function plainName(semitones: number): string {
  const key = keyOfSignature(0, 'major');
  return key ? displayPitch(pitchInKey(semitones, key)) : '';
}

/** Gives a key whose signature differs from the major scale on its tonic by a number of sharps (the modes); null beyond seven. */
export function keyWithSignature(tonic: Pitch, mode: KeyMode, fromMajor: number): Key | null {
  const fifths = fifthsOf(tonic) + fromMajor;
  return Math.abs(fifths) > 7 ? null : { tonic, mode, fifths };
}

/** Gives the change that the signature makes to a letter: −1, 0 or 1 semitones. */
export function alterationInKey(key: Key, letter: LetterIndex): number {
  const order = SHARP_ORDER.indexOf(letter);
  if (key.fifths > order) return 1;
  return key.fifths < 0 && 6 - order < -key.fifths ? -1 : 0;
}

/** Gives the accidentals to which the key leans: flats with any flat in the signature, else sharps. */
export function sharpsOrFlats(key: Key): 'sharps' | 'flats' {
  return key.fifths < 0 ? 'flats' : 'sharps';
}

/**
 * Spells the pitch `semitones` above C0 as a key does: as its own degree where it has one, else raised in sharp keys, lowered in flat ones.
 *
 * @throws for a number of semitones that no spelled pitch has
 */
export function pitchInKey(semitones: number, key: Key): Pitch {
  const lowest = Math.floor((semitones * 7) / 12) - 1;
  const spellings = [0, 1, 2, 3].flatMap((above) => pitchAt(lowest + above, semitones) ?? []);
  const own = spellings.find((pitch) => pitch.alteration === alterationInKey(key, pitch.letter));
  const wished = sharpsOrFlats(key) === 'sharps' ? 1 : -1;
  const plain = spellings.find((pitch) => pitch.alteration === 0) ?? spellings.find((pitch) => pitch.alteration === wished);
  const found = own ?? plain;
  if (!found) throw new RangeError(`No pitch lies ${semitones} semitones above C0`);
  return found;
}

/** Gives the pitch one letter up or down, as the key has it. */
export function nextInKey(pitch: Pitch, key: Key, up: boolean): Pitch {
  const steps = stepsOf(pitch) + (up ? 1 : -1);
  const letter = LETTER_INDEXES[((steps % 7) + 7) % 7] ?? 0;
  return { letter, alteration: alterationInKey(key, letter), octave: Math.floor(steps / 7) };
}

const LETTER_INDEXES = [0, 1, 2, 3, 4, 5, 6] as const;

/** Tells whether a key's signature has a note `semitones` above C0. */
export function isInKey(semitones: number, key: Key): boolean {
  const pitch = pitchInKey(semitones, key);
  return pitch.alteration === alterationInKey(key, pitch.letter);
}

/** Writes a key in documents' form, the inverse of `parseKey`: `"Eb major"`. */
export function formatKey(key: Key): string {
  return `${displayPitchClass(key.tonic).replace('♭', 'b').replace('♯', '#')} ${key.mode}`;
}

/** Writes a key text for people: "E♭ major"; a text that is no key comes back as it is. */
export function keyLabel(text: string): string {
  const key = parseKey(text);
  return key.ok ? `${displayPitchClass(key.value.tonic)} ${key.value.mode}` : text;
}

/** Reads a key such as `"Eb major"` or `"F# minor"`. */
export function parseKey(text: string): Reading<Key> {
  const match = /^\s*([A-Ga-g](?:b|#|♭|♯)?)\s+(major|minor)\s*$/u.exec(text);
  const tonic = parsePitch(`${match?.[1] ?? ''}4`);
  const key = tonic.ok ? keyOfTonic(tonic.value, match?.[2] === 'minor' ? 'minor' : 'major') : null;
  return match && key ? goodReading(key) : badReading(pitchIssue('not-a-key', { text }, { pointer: '/material/key' }));
}
