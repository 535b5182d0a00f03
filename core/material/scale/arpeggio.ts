import type { Interval, Pitch } from '#core/pitch';
import { type Key, keyOfTonic, keyWithSignature } from '#core/key';
import { pitchesAbove } from './scale.ts';

/** The broken chords offered, by their names in documents. */
export const ARPEGGIO_TYPES = [
  'major',
  'minor',
  'diminished',
  'augmented',
  'dominant-seventh',
  'diminished-seventh',
  'major-seventh',
  'minor-seventh',
  'half-diminished-seventh',
] as const;

/** A kind of arpeggio. */
export type ArpeggioType = (typeof ARPEGGIO_TYPES)[number];

/** A chord in thirds: a letter step of two for each note, and its semitones above the root. */
function chord(...semitones: readonly number[]): readonly Interval[] {
  return semitones.map((above, index) => ({ steps: 2 * index, semitones: above }));
}

const CHORDS: Readonly<Record<ArpeggioType, readonly Interval[]>> = {
  major: chord(0, 4, 7),
  minor: chord(0, 3, 7),
  diminished: chord(0, 3, 6),
  augmented: chord(0, 4, 8),
  'dominant-seventh': chord(0, 4, 7, 10),
  'diminished-seventh': chord(0, 3, 6, 9),
  'major-seventh': chord(0, 4, 7, 11),
  'minor-seventh': chord(0, 3, 7, 10),
  'half-diminished-seventh': chord(0, 3, 6, 10),
};

/**
 * Gives the key an arpeggio is written in: major or minor on its root, as its third says; a dominant seventh with the signature of the key
 * a fourth above its root, where it leads (A7 with two sharps, as in D major). Null beyond seven sharps or flats.
 */
export function keyOfArpeggio(tonic: Pitch, type: ArpeggioType): Key | null {
  if (type === 'dominant-seventh') return keyWithSignature(tonic, 'major', -1);
  return keyOfTonic(tonic, CHORDS[type][1]?.semitones === 3 ? 'minor' : 'major');
}

/** Lists the arpeggio from root to root, rising, both ends included; null where a note cannot be spelled. */
export function arpeggioPitches(tonic: Pitch, type: ArpeggioType, octaves: number): readonly Pitch[] | null {
  return pitchesAbove(tonic, CHORDS[type], octaves);
}
