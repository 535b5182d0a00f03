import type { CarriedLocks } from '#core/brief/locks';

/** The words for a plan that was stopped, which stand beside the work for a moment. */
export const PLANNING_STOPPED = 'Planning was stopped. Change the brief to plan again.';

/** The words for a worker that died during a plan, or was so slow with it that it was ended. */
export const ENGINE_FAILED = 'The fingering could not be worked out, or took too long. Ask for less, or change the brief to try again.';

/** The words for a scale that became a line of the teacher’s own. */
export const WRITTEN_OUT = 'The notes are now written out one by one, so that each can be changed. Undo takes that back.';

/** The words for a line of the teacher’s own that begins with the notes of the scale before. */
export const LINE_BEGINS =
  'Your line begins with the notes that stood here before. Type over them in the field, or empty it and type your own.';

/** The words for a browser that plays nothing, and does not say why. */
export const NO_SOUND = 'The browser cannot play sound.';

/** Writes what no longer fits its note and was removed; null where everything does. */
export function droppedText({ dropped, droppedMarks, droppedPassages, droppedBows }: CarriedLocks): string | null {
  const told = [
    [dropped, 'One locked finger no longer fits its note', `${dropped} locked fingers no longer fit their notes`],
    [droppedBows, 'One locked bow no longer fits its notes', `${droppedBows} locked bows no longer fit their notes`],
    [droppedMarks, 'One mark no longer has its note', `${droppedMarks} marks no longer have their notes`],
    [
      droppedPassages,
      'What was asked of one passage no longer fits its notes',
      'What was asked of several passages no longer fits their notes',
    ],
  ] as const;
  const words = told.flatMap(([count, one, many]) => (count === 0 ? [] : [count === 1 ? one : many]));
  const all = dropped + droppedMarks + droppedPassages + droppedBows;
  return words.length === 0 ? null : `${words.join('. ')} and ${all === 1 ? 'was' : 'were'} removed.`;
}

/** The words for a question to the engine that has no answer. */
export const NOT_ANSWERED = 'This could not be worked out just now.';
