import { create } from 'zustand';

/** The view of the notes on the music stand, kept from one step of a session to the next. */
interface StandView {
  /** Whether fingers and names stand instead of notes. */
  readonly namesOnly: boolean;
}

/** Reads how the notes are shown. */
export const useStandView = create<StandView>(() => ({ namesOnly: false }));

/** Shows fingers and names instead of notes, or the notes again. */
export function showNamesOnly(namesOnly: boolean): void {
  useStandView.setState({ namesOnly });
}
