import type { HandSchool } from './school.ts';
import { type Offsets, semitoneHand, type SemitoneShape } from './semitone-hand.ts';
import { thumbShapes, USUAL_THUMB } from './thumb-shapes.ts';
import type { HandModel, PositionName } from './types.ts';

/**
 * The cello's hand on the neck: the first finger and the block of second, third and fourth, which stand a semitone apart.
 * Closed, the block stands a semitone above the first finger (1–4 a minor third); extended back, the first finger reaches
 * and the block stays; extended forward, the first finger stays and the block opens a semitone, so that 1–2 is a tone and
 * 1–4 a major third. Above fifth position or so the fourth finger falls out of use and 1-2-3 take tones and semitones.
 *
 * The closed hand at anchor 1 is half position; a first finger reaching back to the same place is first position.
 */
const CLOSED: Offsets = [
  ['1', [0]],
  ['2', [1]],
  ['3', [2]],
  ['4', [3]],
];

const NECK: readonly SemitoneShape[] = [
  { shape: 'home', families: ['block-stays'], plays: CLOSED, lowestAnchor: 2, highestAnchor: 9, span: { lowest: 0, highest: 3 } },
  { shape: 'home', families: ['first-stays'], plays: CLOSED, lowestAnchor: 1, highestAnchor: 10, span: { lowest: 0, highest: 3 } },
  {
    shape: 'reached-back',
    families: ['block-stays'],
    plays: [
      ['1', [-1]],
      ['2', [1]],
      ['3', [2]],
      ['4', [3]],
    ],
    lowestAnchor: 2,
    highestAnchor: 9,
    span: { lowest: -1, highest: 3 },
  },
  {
    shape: 'reached-forward',
    families: ['first-stays'],
    plays: [
      ['1', [0]],
      ['2', [2]],
      ['3', [3]],
      ['4', [4]],
    ],
    lowestAnchor: 1,
    highestAnchor: 9,
    span: { lowest: 0, highest: 4 },
  },
  {
    shape: 'three-finger',
    families: ['three-finger'],
    plays: [
      ['1', [0]],
      ['2', [2, 1]],
      ['3', [4, 3]],
    ],
    lowestAnchor: 8,
    highestAnchor: 17,
    span: { lowest: 0, highest: 4 },
  },
  {
    shape: 'chromatic',
    families: ['three-finger'],
    chromatic: true,
    plays: [['3', [2]]],
    lowestAnchor: 8,
    highestAnchor: 17,
    span: { lowest: 0, highest: 2 },
  },
];

/** The cello's hand; in the thumb school the thumb comes onto the string from `thumbFrom` semitones above the open string. */
export function celloHand(school: Extract<HandSchool, 'neck' | 'thumb'>, thumbFrom: number): HandModel {
  // Where the thumb is used, the three-finger hand ends about where the thumb takes over.
  const neck = NECK.map((shape) => (shape.families.includes('three-finger') ? { ...shape, highestAnchor: USUAL_THUMB } : shape));
  const shapes = school === 'thumb' ? [...neck, ...thumbShapes(thumbFrom, HIGHEST_THUMB)] : NECK;
  return semitoneHand({ school, shapes, names: celloNames(), learnedFirst: ['1', 'half', '4'] });
}

/** The fingerboard of the cello ends two octaves and a fifth above the open string; the thumb stays a fifth below. */
const HIGHEST_THUMB = 26;

/**
 * Names by anchor, counted in letters as on the A string, whose natural notes name the positions: B first, C second,
 * D third, E fourth, F fifth, G sixth, A seventh.
 */
function celloNames(): readonly (readonly PositionName[])[] {
  const plain = (label: string): readonly PositionName[] => [{ label, alteration: null }];
  const between = (below: string, above: string): readonly PositionName[] => [
    { label: below, alteration: 'high' },
    { label: above, alteration: 'low' },
  ];
  const raised = (label: string): readonly PositionName[] => [{ label, alteration: 'high' }];
  return [
    plain('half'),
    plain('1'),
    plain('2'),
    raised('2'),
    plain('3'),
    between('3', '4'),
    plain('4'),
    plain('5'),
    raised('5'),
    plain('6'),
    raised('6'),
    plain('7'),
    between('7', '8'),
    plain('8'),
    plain('9'),
    raised('9'),
    plain('10'),
  ];
}
