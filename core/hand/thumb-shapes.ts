import type { SemitoneShape } from './semitone-hand.ts';

/** From here up the thumb is at home on the string: the half-string harmonic, in semitones above the open string. */
export const USUAL_THUMB = 12;

/** The lowest place where the thumb is set when a teacher asks for it. */
export const LOWEST_THUMB = 7;

/**
 * Thumb position: the thumb is the base, the first finger a tone or a semitone above it, the second above that; the
 * third a fourth above the thumb, so that on strings a fifth apart thumb and third finger make an octave. Reaching, the
 * third finger stands a semitone higher.
 */
export function thumbShapes(lowestAnchor: number, highestAnchor: number): readonly SemitoneShape[] {
  return [
    {
      shape: 'thumb',
      offsets: [
        ['T', [0]],
        ['1', [2, 1]],
        ['2', [4, 3]],
        ['3', [5]],
      ],
      lowestAnchor,
      highestAnchor,
      span: { lowest: 0, highest: 5 },
    },
    { shape: 'thumb-reached', offsets: [['3', [6, 7]]], lowestAnchor, highestAnchor, span: { lowest: 0, highest: 7 } },
  ];
}
