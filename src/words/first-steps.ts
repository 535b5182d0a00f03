/** The steps that a teacher tries on the first visit, in order. */
export const FIRST_STEPS = ['sentence', 'note', 'fingering'] as const;

/** One thing to try on the bench. */
export type FirstStep = (typeof FIRST_STEPS)[number];

/** The words for each step of the first visit: its name, how it is done, and its effect. */
export const FIRST_STEP_WORDS: Readonly<Record<FirstStep, { readonly title: string; readonly how: string }>> = {
  sentence: {
    title: 'Change the sentence.',
    how: 'Every underlined part is a choice: try another key, or fewer octaves. The fingering follows.',
  },
  note: {
    title: 'Choose a note.',
    how: 'Click its note head or its bead, or press →. You see why it has this finger, and can press another, 0 to 4.',
  },
  fingering: {
    title: 'Use another fingering.',
    how: 'The small drawings below are other ways to play the line: point at one to compare, click it, then “Use it”. Undo brings yours back.',
  },
};

/** The words after the last step. */
export const FIRST_STEPS_DONE = {
  title: 'That is the bench.',
  how: 'You say what you want, it works out a fingering and its reasons, and you have the last word on every note.',
} as const;
