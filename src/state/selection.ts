import { create } from 'zustand';

/** A passage of the line: line indexes, both inclusive, the first not after the last. */
export interface Passage {
  /** The line index of the first note. */
  readonly from: number;
  /** The line index of the last note. */
  readonly to: number;
}

/** The selection in the line. */
export interface Selection {
  /** The line index of the selected note. */
  readonly selected: number | null;
  /** The other end of a selected passage; null while only one note is selected. */
  readonly passageFrom: number | null;
}

/** The selection's state; change it through the functions below. */
export const selectionStore = create<Selection>()(() => ({ selected: null, passageFrom: null }));

/** Reads from the selection in a component. */
export function useSelection<Value>(choose: (selection: Selection) => Value): Value {
  return selectionStore(choose);
}

/** Gives the selected passage of two notes or more; null where there is none. */
export function passageOf({ selected, passageFrom }: Selection): Passage | null {
  if (selected === null || passageFrom === null || selected === passageFrom) return null;
  return { from: Math.min(selected, passageFrom), to: Math.max(selected, passageFrom) };
}

/** Selects a note of the line; null selects none. */
export function select(note: number | null): void {
  selectionStore.setState({ selected: note, passageFrom: null });
}

/** Selects the passage from the note selected before to this one. */
export function selectTo(note: number): void {
  const { selected, passageFrom } = selectionStore.getState();
  selectionStore.setState({ selected: note, passageFrom: passageFrom ?? selected ?? note });
}

/** Selects a passage from one note to another. */
export function selectPassage({ from, to }: Passage): void {
  selectionStore.setState({ selected: to, passageFrom: from });
}

/** Selects the one note again where a passage was selected. */
export function dropPassage(): void {
  selectionStore.setState({ passageFrom: null });
}
