import { ALL_STRINGS, type Question } from '../question.ts';
import { WAY_WEIGHTS } from '../way-weights.ts';

/** The cello's hand in the neck. */
export const celloHand = {
  title: 'The hand on the neck of the cello',
  kinds: WAY_WEIGHTS.celloHand.kinds,
  usual: 'free',
  sides: {
    free: { label: 'closed or open hand, whichever suits', gains: '' },
    closed: {
      label: 'a closed hand that shifts',
      gains: 'The hand keeps its shape, and small hands are spared.',
    },
    open: {
      label: 'an open hand that extends',
      gains: 'Fewer shifts, and the hand keeps its place.',
    },
  },
} as const satisfies Question;

/** The double bass's hand; where a player has a hand of their own, that one is taken. */
export const bassHand = {
  title: 'The hand on the double bass',
  kinds: ['bass'],
  usual: '124',
  sides: {
    '124': { label: 'fingers 1-2-4', gains: 'Two fingers share the work of the third, and the hand stays small.' },
    '124-pivots': {
      label: 'fingers 1-2-4 with pivots',
      gains: 'The hand rolls a semitone around its thumb where it would have to shift.',
    },
    '1234': { label: 'four fingers, a semitone each', gains: 'Fewer shifts, for a hand that spans a minor third.' },
  },
} as const satisfies Question;

/** The treatment of fingers that have played: left down or lifted. */
export const fingers = {
  title: 'Fingers that have played',
  kinds: ALL_STRINGS,
  usual: 'held',
  sides: {
    held: { label: 'fingers that stay down', gains: 'The hand keeps its frame, and the way back is prepared.' },
    lifted: { label: 'fingers that lift when another plays', gains: 'The hand stays loose, the string rings, and vibrato is free.' },
  },
} as const satisfies Question;
