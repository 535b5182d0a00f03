import { semitoneHand } from './semitone-hand.ts';
import type { HandModel } from './types.ts';

/** Position names of the double bass by the semitone of finger 1, as the 1-2-4 schools count them. */
const BASS_POSITIONS = ['half', 'I', 'II', 'II-III', 'III', 'III-IV', 'IV', 'V', 'V-VI', 'VI', 'VI-VII', 'VII'] as const;

/**
 * The double bass's hand in the 1-2-4 school: the third finger supports the fourth, so the hand covers a tone, a
 * semitone from 1 to 2 and from 2 to 4. From about sixth position the third finger takes the fourth's place.
 */
export const bassHand: HandModel = semitoneHand({
  school: '124',
  shapes: [
    {
      shape: 'home',
      offsets: [
        ['1', [0]],
        ['2', [1]],
        ['4', [2]],
      ],
      lowestAnchor: 1,
      highestAnchor: 10,
      span: { lowest: 0, highest: 2 },
    },
    {
      shape: 'three-finger',
      offsets: [
        ['1', [0]],
        ['2', [1]],
        ['3', [2]],
      ],
      lowestAnchor: 10,
      highestAnchor: 12,
      span: { lowest: 0, highest: 2 },
    },
  ],
  names: BASS_POSITIONS.map((label) => [{ label, alteration: null }]),
});
