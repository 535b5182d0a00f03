import { create } from 'zustand';

/** A stretch of the line: line indexes, both inclusive, the first not after the last. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
}

/** What of the line is selected. */
export interface Selection {
  /** Line index of the selected note. */
  readonly selected: number | null;
  /** The other end of a selected stretch; null while only one note is selected. */
  readonly stretchFrom: number | null;
}

/** The selection's state; change it through the functions below. */
export const selectionStore = create<Selection>()(() => ({ selected: null, stretchFrom: null }));

/** Reads from the selection in a component. */
export function useSelection<Value>(choose: (selection: Selection) => Value): Value {
  return selectionStore(choose);
}

/** The selected stretch in a component; null where there is none. */
export function useStretch(): Stretch | null {
  return stretchOf(selectionStore());
}

/** The selected stretch of two notes or more; null where there is none. */
export function stretchOf({ selected, stretchFrom }: Selection): Stretch | null {
  if (selected === null || stretchFrom === null || selected === stretchFrom) return null;
  return { from: Math.min(selected, stretchFrom), to: Math.max(selected, stretchFrom) };
}

/** Selects a note of the line; null selects none. */
export function select(note: number | null): void {
  selectionStore.setState({ selected: note, stretchFrom: null });
}

/** Selects the stretch from the note selected before to this one. */
export function selectTo(note: number): void {
  const { selected, stretchFrom } = selectionStore.getState();
  selectionStore.setState({ selected: note, stretchFrom: stretchFrom ?? selected ?? note });
}

/** Selects a stretch from one note to another. */
export function selectStretch({ from, to }: Stretch): void {
  selectionStore.setState({ selected: to, stretchFrom: from });
}

/** Selects the one note again where a stretch was selected. */
export function dropStretch(): void {
  selectionStore.setState({ stretchFrom: null });
}
