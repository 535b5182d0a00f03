import { ALL_STRINGS, type Question } from '../question.ts';
import { WAY_WEIGHTS } from '../way-weights.ts';

/** The finger that leads the hand, where more than one can. */
export const guide = {
  title: 'The finger that leads a shift',
  kinds: ALL_STRINGS,
  usual: 'usual',
  sides: {
    usual: { label: 'the usual guide for each shift', gains: '' },
    'old-finger': {
      label: 'the leaving finger as the guide',
      gains: 'It knows the string it is on, and lands on a note that can be heard and named.',
    },
    'new-finger': {
      label: 'the arriving finger as the guide',
      gains: 'The slide ends in the note itself, which makes it vocal.',
    },
    'first-finger': {
      label: 'the first finger as the guide',
      gains: 'It names the position, and the hand is built on it.',
    },
  },
} as const satisfies Question;

/** The delay of a shift going up. */
export const shiftUp = {
  title: 'When to shift, going up',
  kinds: WAY_WEIGHTS.shiftUp.kinds,
  usual: 'free',
  sides: {
    free: { label: 'shifts going up where they suit', gains: '' },
    early: {
      label: 'early shifts going up, from 1 or 2',
      gains: 'A strong finger leads, and more of the line lies in the new position.',
    },
    late: {
      label: 'late shifts going up, from 3 or 4',
      gains: 'The hand stays where it is sure for as long as it can.',
    },
  },
} as const satisfies Question;

/** The delay of a shift coming down. */
export const shiftDown = {
  title: 'When to shift, coming down',
  kinds: WAY_WEIGHTS.shiftDown.kinds,
  usual: 'free',
  sides: {
    free: { label: 'shifts coming down where they suit', gains: '' },
    early: {
      label: 'early shifts coming down, from 2 or 3',
      gains: 'The old finger can slide ahead to its place below the goal.',
    },
    late: {
      label: 'late shifts coming down, from 1',
      gains: 'The first finger leads, and all the notes of the position are used.',
    },
  },
} as const satisfies Question;

/** The position learnt next after first, and preferred to the other. */
export const nextPosition = {
  title: 'The first new position',
  kinds: WAY_WEIGHTS.nextPosition.kinds,
  usual: 'third',
  sides: {
    third: {
      label: 'third position before second',
      gains: 'The hand meets the body of the instrument, and notes can be checked against open strings.',
    },
    second: {
      label: 'second position before third',
      gains: 'A small step, which the hand hardly notices.',
    },
  },
} as const satisfies Question;
