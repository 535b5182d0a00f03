import { Type } from '@sinclair/typebox';

/** The schema of whether every octave has the fingers of the one below it. */
export const SamePattern = Type.Boolean();

/** The words for the rule and its effect. */
export const SAME_PATTERN_WORDS = {
  name: 'One pattern for every octave',
  hint: 'From the second octave on the fingers repeat.',
  asked: 'one pattern for every octave',
  whole: 'the same pattern in every octave',
} as const;
