import { parseAsBoolean, parseAsString, parseAsStringLiteral } from 'nuqs';
import { QUIZ_GROUPS, type QuizGroup } from '../../words/names/quiz.ts';

/** The parts of the page. */
export const PARTS = ['questions', 'names', 'ear'] as const;

/** The groups of questions to choose from. */
export const GROUPS: readonly QuizGroup[] = ['all', ...QUIZ_GROUPS];

/** The choices of what is asked about: the player's own keys and positions, or one of each. */
export const ABOUT = ['own', 'chosen'] as const;

/** The fields of the page's address, beside the player. */
export const ADDRESS = {
  part: parseAsStringLiteral(PARTS).withDefault('questions'),
  about: parseAsStringLiteral(ABOUT).withDefault('own'),
  key: parseAsString.withDefault('G major'),
  position: parseAsString,
  ask: parseAsStringLiteral(GROUPS).withDefault('all'),
  clock: parseAsBoolean.withDefault(false),
};
