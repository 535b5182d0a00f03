import type { HandSchool, HandModel, PositionName } from '#core/hand';
import { type Offsets, semitoneHand, type SemitoneShape } from './semitone-hand.ts';
import { thumbShapes, USUAL_THUMB } from './thumb-shapes.ts';

/**
 * The cello's hand on the neck is two places: that of the first finger, and that of the block of second, third and fourth,
 * which stand a semitone apart. Closed, the block stands a semitone above the first finger (1–4 a minor third); open, a tone
 * (1–2 a tone, 1–4 a major third). A hand that stays opens in one of two ways: the block stays and the first finger reaches
 * back, or the first finger stays and the block opens forward. The open hand is the same, whichever way it was come to.
 * Above fifth position or so the fourth finger falls out of use and 1-2-3 take tones and semitones.
 *
 * The closed hand at anchor 1 is half position; a first finger reaching back to the same place is first position.
 */
const CLOSED: Offsets = [
  ['1', [0]],
  ['2', [1]],
  ['3', [2]],
  ['4', [3]],
];

const OPEN: Offsets = [
  ['1', [0]],
  ['2', [2]],
  ['3', [3]],
  ['4', [4]],
];

const CLOSED_SPAN = { lowest: 0, highest: 3 };
const OPEN_SPAN = { lowest: 0, highest: 4 };

const NECK: readonly SemitoneShape[] = [
  { shape: 'home', families: ['block-stays'], plays: CLOSED, block: 1, lowestAnchor: 2, highestAnchor: 9, span: CLOSED_SPAN },
  { shape: 'home', families: ['first-stays'], plays: CLOSED, block: 1, lowestAnchor: 1, highestAnchor: 10, span: CLOSED_SPAN },
  { shape: 'reached-forward', families: ['first-stays'], plays: OPEN, block: 2, lowestAnchor: 1, highestAnchor: 9, span: OPEN_SPAN },
  {
    shape: 'reached-back',
    families: ['block-stays'],
    plays: OPEN,
    block: 2,
    restsAbove: 1,
    lowestAnchor: 1,
    highestAnchor: 8,
    span: OPEN_SPAN,
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

/** Builds the cello's hand; in the thumb school the thumb comes onto the string from `thumbFrom` semitones above the open string. */
export function celloHand(school: Extract<HandSchool, 'neck' | 'thumb'>, thumbFrom: number): HandModel {
  // The three-finger hand ends about where the thumb takes over, if the thumb is used.
  const neck = NECK.map((shape) => (shape.families.includes('three-finger') ? { ...shape, highestAnchor: USUAL_THUMB } : shape));
  const shapes = school === 'thumb' ? [...neck, ...thumbShapes(thumbFrom, HIGHEST_THUMB)] : NECK;
  return semitoneHand({ school, shapes, names: celloNames(), learnedFirst: ['1', 'half', '4'] });
}

/** The fingerboard of the cello ends two octaves and a fifth above the open string; the thumb stays a fifth below. */
const HIGHEST_THUMB = 26;

/**
 * Gives the names by the place of the first finger, counted in letters as on the A string, whose natural notes name the positions: B first,
 * C second, D third, E fourth, F fifth, G sixth, A seventh. Between two of them the key decides: C♯ second, D♭ third.
 */
function celloNames(): readonly (readonly PositionName[])[] {
  const positionNames = (...labels: readonly string[]): readonly PositionName[] => labels.map((label) => ({ label, alteration: null }));
  return [
    positionNames('half'),
    positionNames('1'),
    positionNames('2'),
    positionNames('2', '3'),
    positionNames('3'),
    positionNames('3', '4'),
    positionNames('4'),
    positionNames('5'),
    positionNames('5', '6'),
    positionNames('6'),
    positionNames('6', '7'),
    positionNames('7'),
    positionNames('7', '8'),
    positionNames('8'),
    positionNames('9'),
    positionNames('9', '10'),
    positionNames('10'),
  ];
}
