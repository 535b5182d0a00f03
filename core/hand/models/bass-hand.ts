import type { Finger } from '#core/hand/placement';
import type { HandSchool, HandModel } from '#core/hand';
import { type Offsets, semitoneHand, type SemitoneShape } from './semitone-hand.ts';
import { thumbShapes } from './thumb-shapes.ts';

/** Position names of the double bass by the semitone of finger 1, as the schools count them. */
const BASS_POSITIONS = ['half', 'I', 'II', 'II-III', 'III', 'III-IV', 'IV', 'V', 'V-VI', 'VI', 'VI-VII', 'VII'] as const;

const ONE_TWO_FOUR: Offsets = [
  ['1', [0]],
  ['2', [1]],
  ['4', [2]],
];

const FOUR_FINGERS: Offsets = [
  ['1', [0]],
  ['2', [1]],
  ['3', [2]],
  ['4', [3]],
];

/** The place of the first finger from which the third finger begins to replace the fourth, which goes no higher; semitones. */
const FOURTH_ENDS = 10;

/**
 * The high positions without the fourth finger: from about sixth position to where the thumb takes over; first to third a
 * tone, from seventh position up to a minor third, which is no wider there than 1–4 at first position.
 */
const THREE_FINGERS: readonly SemitoneShape[] = [
  {
    shape: 'three-finger',
    families: ['three-finger'],
    plays: [
      ['1', [0]],
      ['2', [1]],
      ['3', [2]],
    ],
    lowestAnchor: FOURTH_ENDS,
    highestAnchor: 11,
    span: { lowest: 0, highest: 2 },
  },
  {
    shape: 'three-finger',
    families: ['three-finger'],
    plays: [
      ['1', [0]],
      ['2', [1, 2]],
      ['3', [2, 3]],
    ],
    lowestAnchor: 12,
    highestAnchor: 12,
    span: { lowest: 0, highest: 3 },
  },
];

/** The fingerboard of the bass ends two octaves and a minor third above the open string; the thumb stays a sixth below. */
const HIGHEST_THUMB = 20;

/**
 * Builds the double bass's hand. In the 1-2-4 school the third finger supports the fourth, so the hand covers a tone; with four fingers it
 * covers a minor third, a semitone each. With pivots the hand rolls a semitone around its thumb without a shift. From about sixth position
 * the third finger takes the fourth's place; in the thumb school the thumb comes onto the string from `thumbFrom` semitones above the open
 * string.
 */
export function bassHand(school: Extract<HandSchool, '124' | '1234' | 'thumb'>, thumbFrom: number, pivots: boolean): HandModel {
  const offsets = school === '1234' ? FOUR_FINGERS : ONE_TWO_FOUR;
  const width = school === '1234' ? 3 : 2;
  const home: SemitoneShape = {
    shape: 'home',
    families: ['first-stays'],
    plays: offsets,
    lowestAnchor: 1,
    highestAnchor: FOURTH_ENDS,
    span: { lowest: 0, highest: width },
  };
  const shapes = [
    home,
    ...(pivots ? [pivotShape(home)] : []),
    ...THREE_FINGERS,
    ...(school === 'thumb' ? thumbShapes(thumbFrom, HIGHEST_THUMB) : []),
  ];
  return semitoneHand({ school, shapes, names: BASS_POSITIONS.map((label) => [{ label, alteration: null }]), learnedFirst: [] });
}

/** Rolls a shape up a semitone: every finger stands one higher, the thumb stays. */
function pivotShape(home: SemitoneShape): SemitoneShape {
  const rolled = home.plays.map(([finger, places]): readonly [Finger, readonly number[]] => [finger, places.map((place) => place + 1)]);
  return { ...home, shape: 'pivoted', plays: rolled, span: { lowest: 1, highest: home.span.highest + 1 } };
}
