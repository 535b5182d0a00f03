import { plus } from '#core/weights';
import { ALL_STRINGS, type Question } from '../question.ts';

/** The fourth finger leaving for a shift, and arriving by one. */
export const fourthAtShifts = {
  title: 'The fourth finger at shifts',
  kinds: ALL_STRINGS,
  usual: 'free',
  sides: {
    free: { label: 'the fourth finger at shifts where it suits', gains: '' },
    use: {
      label: 'the fourth finger at shifts too',
      gains: 'It grows strong, and every finger learns to carry the hand.',
      weights: ({ leavingUp, arrivingUp, leavingDown, arrivingDown }) => ({
        leavingUp: plus(leavingUp, [0, 0, 0, 0, -400]),
        arrivingUp: plus(arrivingUp, [0, 0, 0, 0, -700]),
        leavingDown: plus(leavingDown, [0, 0, 0, 0, -700]),
        arrivingDown: plus(arrivingDown, [0, 0, 0, 0, -200]),
      }),
    },
    save: {
      label: 'no fourth finger at shifts',
      gains: 'A longer, stronger finger leads the hand more surely.',
      weights: ({ leavingUp, arrivingUp, leavingDown, arrivingDown }) => ({
        leavingUp: plus(leavingUp, [0, 0, 0, 0, 900]),
        arrivingUp: plus(arrivingUp, [0, 0, 0, 0, 1500]),
        leavingDown: plus(leavingDown, [0, 0, 0, 0, 900]),
        arrivingDown: plus(arrivingDown, [0, 0, 0, 0, 1500]),
      }),
    },
  },
} as const satisfies Question;

/** The finger for long notes and the top. */
export const fourthOnTop = {
  title: 'The fourth finger on long and top notes',
  kinds: ALL_STRINGS,
  usual: 'free',
  sides: {
    free: { label: 'the fourth finger on long and top notes where it suits', gains: '' },
    use: {
      label: 'the fourth finger on long and top notes too',
      gains: 'It grows strong, and the hand need not go so high.',
      weights: ({ weakOnHard }) => ({ weakOnHard: plus(weakOnHard, [0, 0, 0, 0, -900]) }),
    },
    save: {
      label: 'strong fingers on long and top notes',
      gains: 'A long finger sounds full and can vibrate freely.',
      weights: ({ weakOnHard }) => ({ weakOnHard: plus(weakOnHard, [300, 0, 0, 250, 2400]) }),
    },
  },
} as const satisfies Question;
