import type { Step } from '#core/practice/session';

/** The words of the button that ends the set and notes that it hurt. */
export const HURTS_WORDS = 'It hurts';

/** The words of the button that leaves the session. */
export const CLOSE_WORDS = 'Leave';

/** The words of the two answers at each step. */
export const SAID_WORDS: Readonly<Record<Step['at'], { readonly on: string; readonly other: string | null }>> = {
  aim: { on: 'Begin', other: null },
  prepare: { on: 'Done', other: 'Pass over' },
  play: { on: 'Good', other: 'Missed' },
  miss: { on: 'That is how', other: 'Another way' },
  rest: { on: 'Go on', other: 'Next item' },
  pain: { on: 'End the session', other: 'Something else' },
  'end-check': { on: 'Reached', other: 'Not yet' },
  done: { on: 'Back to the sessions', other: null },
};

/** The words of the button that logs a miss of which no more is said. */
export const UNSAID_WORDS = 'Just missed';

/** The explanation of how one key gives all answers. */
export const ONE_KEY = 'One key, pedal or tap is enough. Pressed: good. Held: missed. Held for three seconds: it hurts.';

/** The words of the button that shows fingers and names instead of the notes. */
export const NAMES_WORDS = 'Names';
/** The words of the button that shows the notes again. */
export const NOTES_WORDS = 'Notes';

/** The message where the code that was scanned leads to nothing a hand can play. */
export const CODE_OF_NO_PIECE = 'No hand plays the piece in this code as it is asked for. Ask your teacher for another sheet.';
