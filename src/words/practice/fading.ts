import type { Help } from '#core/practice';

/** What a piece can be shown with. */
export const HELP_WORDS: Readonly<Record<Help, string>> = {
  path: 'the path of the hand',
  tapes: 'the tapes',
  pattern: 'which fingers touch',
  names: 'the names of the notes',
  numbers: 'the finger numbers',
  tuner: 'the tuner',
  staff: 'the staff',
};
