import type { Step } from '#core/practice/session';

/** Ends the set and notes it. */
export const HURTS_WORDS = 'It hurts';

/** Leaves the session. */
export const CLOSE_WORDS = 'Leave';

/** What the two things that can be said are called at each step. */
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

/** How one key says everything. */
export const ONE_KEY = 'One key, pedal or tap is enough. Pressed: good. Held: missed. Held for three seconds: it hurts.';

/** Fingers and names instead of the notes, and back. */
export const NAMES_WORDS = 'Names';
export const NOTES_WORDS = 'Notes';
