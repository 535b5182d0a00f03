import type { Question } from '../question.ts';
import { WAY_WEIGHTS } from '../way-weights.ts';

const RINGS = 'It rings, it rests the hand, and it checks the note.';

const COVERS = 'One colour from string to string, and a fourth finger that grows strong.';

/** The choice, going up, for a pitch that the next string has open. */
export const openUp = {
  title: 'Open string or fourth finger, going up',
  kinds: WAY_WEIGHTS.openUp.kinds,
  usual: 'free',
  sides: {
    free: { label: 'whichever suits, going up', gains: '' },
    open: {
      label: 'the open string going up',
      gains: RINGS,
    },
    fourth: {
      label: 'the fourth finger going up',
      gains: COVERS,
    },
  },
} as const satisfies Question;

/** The choice coming down, where the fourth finger prepares the hand for the string below. */
export const openDown = {
  title: 'Open string or fourth finger, coming down',
  kinds: WAY_WEIGHTS.openDown.kinds,
  usual: 'free',
  sides: {
    free: { label: 'whichever suits, coming down', gains: '' },
    open: {
      label: 'the open string coming down',
      gains: RINGS,
    },
    fourth: {
      label: 'the fourth finger coming down',
      gains: 'It sets the hand over the lower string before the others fall, in one colour.',
    },
  },
} as const satisfies Question;

/** The choice while the hand stands above first position. */
export const openAbove = {
  title: 'Open strings above first position',
  kinds: WAY_WEIGHTS.openAbove.kinds,
  usual: 'free',
  sides: {
    free: { label: 'open strings above first position where they suit', gains: '' },
    open: {
      label: 'open strings above first position too',
      gains: 'The hand can travel while the string rings.',
    },
    covered: {
      label: 'no open strings above first position',
      gains: 'The colour stays even, and the hand keeps its place.',
    },
  },
} as const satisfies Question;
