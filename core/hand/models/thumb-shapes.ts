import type { SemitoneShape } from './semitone-hand.ts';

/** The place from which the thumb is at home on the string: the half-string harmonic, in semitones above the open string. */
export const USUAL_THUMB = 12;

/** The lowest place where the thumb is set when a teacher asks for it. */
export const LOWEST_THUMB = 7;

/**
 * Lists the shapes of thumb position: the thumb is the base, the first finger a tone or a semitone above it, the second above that; the
 * third a fourth above the thumb, so that on strings a fifth apart thumb and third finger make an octave. Reaching, the third finger stands
 * a semitone or a tone higher. Runs of semitones have a finger a semitone.
 */
export function thumbShapes(lowestAnchor: number, highestAnchor: number): readonly SemitoneShape[] {
  const used = { families: ['thumb'], lowestAnchor, highestAnchor } as const;
  return [
    {
      ...used,
      shape: 'thumb',
      plays: [
        ['T', [0]],
        ['1', [2, 1]],
        ['2', [4, 3]],
        ['3', [5]],
      ],
      span: { lowest: 0, highest: 5 },
    },
    { ...used, shape: 'thumb-reached', plays: [['3', [6, 7]]], span: { lowest: 0, highest: 7 } },
    {
      ...used,
      shape: 'chromatic-thumb',
      chromatic: true,
      plays: [
        ['1', [1]],
        ['2', [2]],
        ['3', [3]],
      ],
      span: { lowest: 0, highest: 3 },
    },
  ];
}
