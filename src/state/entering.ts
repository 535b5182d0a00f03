import { create } from 'zustand';

/** The way in which notes are entered into a line of the teacher's own. */
export interface Entering {
  /** The length of each, a fraction of a whole note. */
  readonly duration: string;
  /** Whether the next begins a new line in place of the one there is. */
  readonly startOver: boolean;
  /** Whether a click on the staff writes a note. */
  readonly clicking: boolean;
}

/** The store of how notes are entered, for this page alone; change it with `setState`. */
export const enteringStore = create<Entering>()(() => ({ duration: '1/4', startOver: false, clicking: false }));

/** Reads in a component how notes are entered. */
export function useEntering(): Entering {
  return enteringStore();
}
