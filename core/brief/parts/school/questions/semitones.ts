import type { Question } from '../question.ts';
import { WAY_WEIGHTS } from '../way-weights.ts';

/** Runs of semitones on violin and viola. */
export const violinSemitones = {
  title: 'Runs of semitones on violin and viola',
  kinds: WAY_WEIGHTS.violinSemitones.kinds,
  usual: 'free',
  sides: {
    free: { label: 'slides or a finger each, whichever suits', gains: '' },
    slide: {
      label: 'one finger sliding a semitone',
      gains: 'A letter keeps its finger, so the hand keeps its names.',
    },
    each: {
      label: 'a finger of its own for each semitone',
      gains: 'Every note is articulated by a finger of its own.',
    },
  },
} as const satisfies Question;

/** Runs of semitones on the cello's neck. */
export const semitones = {
  title: 'Runs of semitones on the cello',
  kinds: WAY_WEIGHTS.semitones.kinds,
  usual: '123',
  sides: {
    '123': { label: 'semitones with 1 2 3, 1 2 3', gains: 'One pattern all the way up, without the fourth finger.' },
    '1234': {
      label: 'semitones with 1 2, 1 2 3 4',
      gains: 'Fewer shifts: four semitones to a hand.',
    },
  },
} as const satisfies Question;

/** One finger on two notes of a letter, as on the way back in the melodic minor. */
export const sameFinger = {
  title: 'One finger from sharp to natural, as in the melodic minor',
  kinds: ['violin', 'viola', 'cello', 'bass'],
  usual: 'slide',
  sides: {
    slide: { label: 'a finger that slides to its other place', gains: 'The finger keeps the string, and the ear hears the semitone.' },
    lift: { label: 'a finger that lifts and is replaced', gains: 'A clean start, and no slide to be heard.' },
  },
} as const satisfies Question;
