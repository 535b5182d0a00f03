import { create } from 'zustand';

/** How notes are entered into a line of the teacher's own. */
export interface Entering {
  /** How long each is, a fraction of a whole note. */
  readonly duration: string;
  /** Whether the next begins a new line in place of the one there is. */
  readonly startOver: boolean;
  /** Whether a click on the staff writes a note. */
  readonly clicking: boolean;
}

/** Change it with `setState`; it is of this page alone. */
export const enteringStore = create<Entering>()(() => ({ duration: '1/4', startOver: false, clicking: false }));

/** Reads in a component how notes are entered. */
export function useEntering(): Entering {
  return enteringStore();
}
