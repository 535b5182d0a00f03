import { useState } from 'react';

/** A step that can be undone: the words for it, and the way back. */
export interface Undoable {
  readonly words: string;
  readonly undo: () => void;
}

/** A step that was done: the words for it, whether it still stands, and its way back from what there is now. */
interface Done<Now> {
  readonly words: string;
  /** Tells whether nothing has changed what it did: undoing it would otherwise take away a change of another tab. */
  readonly stands: (now: Now) => boolean;
  readonly undo: (now: Now) => void;
}

/** The last step that can be undone, and the number of steps done and undone. */
interface LastStep<Now> {
  readonly done: Done<Now> | null;
  readonly times: number;
}

/** Keeps the last step that can be undone, until it is undone or something else is changed; `now` is what there is at any time. */
export function useUndo<Now>(now: Now) {
  const [{ done, times }, setState] = useState<LastStep<Now>>({ done: null, times: 0 });
  const offerUndo = (step: Done<Now> | null): void =>
    setState((before) => {
      if (step === null) return before.done === null ? before : { ...before, done: null };
      return { done: step, times: before.times + 1 };
    });
  const undone: Undoable | null =
    done?.stands(now) === true
      ? {
          words: done.words,
          undo: () => {
            done.undo(now);
            setState((before) => ({ done: null, times: before.times + 1 }));
          },
        }
      : null;
  return { undone, times, offerUndo };
}
