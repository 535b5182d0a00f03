import type { Question } from '../question.ts';
import { WAY_WEIGHTS } from '../way-weights.ts';

/** The fourth finger leaving for a shift, and arriving by one. */
export const fourthAtShifts = {
  title: 'The fourth finger at shifts',
  kinds: WAY_WEIGHTS.fourthAtShifts.kinds,
  usual: 'free',
  sides: {
    free: { label: 'the fourth finger at shifts where it suits', gains: '' },
    use: {
      label: 'the fourth finger at shifts too',
      gains: 'It grows strong, and every finger learns to carry the hand.',
    },
    save: {
      label: 'no fourth finger at shifts',
      gains: 'A longer, stronger finger leads the hand more surely.',
    },
  },
} as const satisfies Question;

/** The finger for long notes and the top note. */
export const fourthOnTop = {
  title: 'The fourth finger on long and top notes',
  kinds: WAY_WEIGHTS.fourthOnTop.kinds,
  usual: 'free',
  sides: {
    free: { label: 'the fourth finger on long and top notes where it suits', gains: '' },
    use: {
      label: 'the fourth finger on long and top notes too',
      gains: 'It grows strong, and the hand need not go so high.',
    },
    save: {
      label: 'strong fingers on long and top notes',
      gains: 'A long finger sounds full and can vibrate freely.',
    },
  },
} as const satisfies Question;
