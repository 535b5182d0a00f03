import { Type } from '@sinclair/typebox';

/** Whether every octave has the fingers of the one below it, as documents carry it. */
export const SamePattern = Type.Boolean();

/** What the rule is called, and what it does. */
export const SAME_PATTERN_WORDS = {
  name: 'One pattern for every octave',
  hint: 'From the second octave on the fingers repeat.',
  asked: 'one pattern for every octave',
  whole: 'the same pattern in every octave',
} as const;
