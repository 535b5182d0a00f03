import { type Interval, type Pitch, transpose } from '#core/pitch';
import { arpeggioPitches, type ArpeggioType } from './arpeggio.ts';
import type { Direction } from './choices.ts';

/**
 * The broken chords that a scale book asks for on one lowest note, in its order: minor and major on it; the minor chord of which it is the
 * third, the major and the minor one of which it is the fifth; the diminished and the dominant seventh on it. Each is named by its root,
 * counted from the lowest note.
 */
const CYCLE_CHORDS: readonly { readonly root: Interval; readonly type: ArpeggioType }[] = [
  { root: { steps: 0, semitones: 0 }, type: 'minor' },
  { root: { steps: 0, semitones: 0 }, type: 'major' },
  { root: { steps: -2, semitones: -3 }, type: 'minor' },
  { root: { steps: 3, semitones: 5 }, type: 'major' },
  { root: { steps: 3, semitones: 5 }, type: 'minor' },
  { root: { steps: 0, semitones: 0 }, type: 'diminished-seventh' },
  { root: { steps: 0, semitones: 0 }, type: 'dominant-seventh' },
];

/**
 * Lists each chord of the cycle over a number of octaves from the lowest note, one after the other: up, down, or up and down. A note that
 * would come twice between two of them is played once. Null where a note cannot be spelled.
 */
export function arpeggioCycle(lowest: Pitch, octaves: number, direction: Direction): readonly Pitch[] | null {
  const chords = CYCLE_CHORDS.map(({ root, type }) => chordAbove(lowest, { root, type, octaves }));
  if (!chords.every((chord) => chord !== null)) return null;
  switch (direction) {
    case 'up':
      return chords.flat();
    case 'down':
      return chords.flatMap((rising) => rising.toReversed());
    case 'up-down':
      return chords.flatMap((rising, order) => [...(order === 0 ? rising : rising.slice(1)), ...rising.slice(0, -1).toReversed()]);
  }
}

/** Lists the notes of a chord between a note of it and the same note a number of octaves above. */
function chordAbove(
  lowest: Pitch,
  { root, type, octaves }: { readonly root: Interval; readonly type: ArpeggioType; readonly octaves: number },
): readonly Pitch[] | null {
  const down = root.steps > 0 ? 1 : 0;
  const rootBelow = transpose(lowest, { steps: root.steps - 7 * down, semitones: root.semitones - 12 * down });
  const all = rootBelow && arpeggioPitches(rootBelow, type, octaves + 1);
  const first = all?.findIndex(({ letter, octave, alteration }) => isSame({ letter, octave, alteration }, lowest)) ?? -1;
  if (!all || first < 0) return null;
  const anOctave = (all.length - 1) / (octaves + 1);
  return all.slice(first, first + anOctave * octaves + 1);
}

function isSame(one: Pitch, other: Pitch): boolean {
  return one.letter === other.letter && one.octave === other.octave && one.alteration === other.alteration;
}
