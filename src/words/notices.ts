import type { CarriedLocks } from '#core/brief/lines';

/** What a teacher is told beside the work, for a moment. */
export const PLANNING_STOPPED = 'Planning was stopped. Change the brief to plan again.';

/** The worker died under a plan. */
export const ENGINE_FAILED = 'The fingering could not be worked out just now. Change the brief to try again.';

/** Another tab’s writing was taken over. */
export const CHANGED_ELSEWHERE = 'This piece was changed in another tab; this is how it is now. Undo goes back to how it was here.';

/** Two tabs change one piece at once. */
export const CHANGED_IN_BOTH =
  'This piece is being changed in another tab, too. Both changes are in it now; where both changed the same thing it is as it was typed here, and the other is under History, earlier versions.';

/** Another tab changed a player, an instrument or a school that stands here. */
export const CHANGED_ELSEWHERE_STUDIO = 'Changed in another tab; this is how it is now.';

/** Two tabs changed one of them at once. */
export const CHANGED_IN_BOTH_STUDIO =
  'Changed in another tab, too. Both changes are in it now; where both changed the same field it is as it was typed here.';

/** The record of the piece on the bench is gone. */
export const PIECE_GONE =
  'This piece is no longer in the browser’s storage: it was deleted in another tab, or the storage was emptied. It is still here.';

/** Another tab has the same piece on its bench. */
export const OPEN_TWICE = 'This piece is open in another tab, too. Each tab follows what the other changes.';

/** The piece on the bench does not read. */
export const SET_ASIDE = 'The piece could not be read and was set aside; it is listed under Pieces.';

/** A scale became a line of the teacher’s own. */
export const WRITTEN_OUT = 'The notes are now written out one by one, so that each can be changed. Undo takes that back.';

/** The browser plays nothing, and does not say why. */
export const NO_SOUND = 'The browser cannot play sound.';

/** Why a write failed; `name` is what the database calls it. */
export function storageFailureText(name: string): string {
  const why = WHY_NOT_SAVED[name] ?? `The last change could not be saved (${name === '' ? 'unknown error' : name}).`;
  return `${why} It is still here.`;
}

const WHY_NOT_SAVED: Readonly<Record<string, string>> = {
  QuotaExceededError:
    'The browser’s storage is full, so the last change is not saved. Delete pieces you no longer need, or make room on the disk.',
  SilentStorage: 'The browser’s storage does not answer, so the last change is not saved yet. Another tab may hold it.',
  VersionError: 'A newer version of Dove Path is open in another tab, so this one can no longer save. Load this page again.',
  DatabaseClosedError: 'The browser has closed its storage, so the last change is not saved. Load this page again.',
};

/** What no longer fits its note and was removed; null where everything does. */
export function droppedText({ dropped, droppedMarks, droppedPassages }: CarriedLocks): string | null {
  const told = [
    [dropped, 'One locked finger no longer fits its note', `${dropped} locked fingers no longer fit their notes`],
    [droppedMarks, 'One mark no longer has its note', `${droppedMarks} marks no longer have their notes`],
    [
      droppedPassages,
      'What was asked of one passage no longer fits its notes',
      'What was asked of several passages no longer fits their notes',
    ],
  ] as const;
  const words = told.flatMap(([count, one, many]) => (count === 0 ? [] : [count === 1 ? one : many]));
  return words.length === 0 ? null : `${words.join('. ')} and ${dropped + droppedMarks + droppedPassages === 1 ? 'was' : 'were'} removed.`;
}

/** A question to the engine has no answer. */
export const NOT_ANSWERED = 'This could not be worked out just now.';
