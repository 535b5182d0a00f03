import { ALL_STRINGS, type Question, UPPER_STRINGS } from '../question.ts';

/** How much an open string is worth to a teacher who asks for it, thousandths: a crossing or two. */
const WANTED = -900;

/** How much it costs with one who asks for the finger: more than any fourth finger, less than a shift for its sake. */
const UNWANTED = 1500;

const RINGS = 'It rings, it rests the hand, and it checks the note.';

const COVERS = 'One colour from string to string, and a fourth finger that grows strong.';

/** Going up, on a pitch that the next string has open. */
export const openUp = {
  title: 'Open string or fourth finger, going up',
  kinds: UPPER_STRINGS,
  usual: 'free',
  sides: {
    free: { label: 'whichever suits, going up', gains: '' },
    open: {
      label: 'the open string going up',
      gains: RINGS,
      weights: ({ openGoingUp }) => ({ openGoingUp: openGoingUp + WANTED }),
    },
    fourth: {
      label: 'the fourth finger going up',
      gains: COVERS,
      weights: ({ openGoingUp }) => ({ openGoingUp: openGoingUp + UNWANTED }),
    },
  },
} as const satisfies Question;

/** Coming down, where the fourth finger prepares the hand for the string below. */
export const openDown = {
  title: 'Open string or fourth finger, coming down',
  kinds: UPPER_STRINGS,
  usual: 'free',
  sides: {
    free: { label: 'whichever suits, coming down', gains: '' },
    open: {
      label: 'the open string coming down',
      gains: RINGS,
      weights: ({ openGoingDown }) => ({ openGoingDown: openGoingDown + WANTED }),
    },
    fourth: {
      label: 'the fourth finger coming down',
      gains: 'It sets the hand over the lower string before the others fall, in one colour.',
      weights: ({ openGoingDown }) => ({ openGoingDown: openGoingDown + UNWANTED }),
    },
  },
} as const satisfies Question;

/** While the hand stands above first position. */
export const openAbove = {
  title: 'Open strings above first position',
  kinds: ALL_STRINGS,
  usual: 'free',
  sides: {
    free: { label: 'open strings above first position where they suit', gains: '' },
    open: {
      label: 'open strings above first position too',
      gains: 'The hand can travel while the string rings.',
      weights: ({ openAboveHome }) => ({ openAboveHome: openAboveHome + WANTED / 2 }),
    },
    covered: {
      label: 'no open strings above first position',
      gains: 'The colour stays even, and the hand keeps its place.',
      weights: ({ openAboveHome }) => ({ openAboveHome: openAboveHome + UNWANTED }),
    },
  },
} as const satisfies Question;
