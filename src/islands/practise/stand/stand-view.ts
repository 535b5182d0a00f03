import { create } from 'zustand';

/** How the notes stand on the music stand, from one step of a session to the next. */
interface StandView {
  /** Fingers and names instead of notes. */
  readonly namesOnly: boolean;
}

/** Reads how the notes are shown. */
export const useStandView = create<StandView>(() => ({ namesOnly: false }));

/** Shows fingers and names instead of notes, or the notes again. */
export function showNamesOnly(namesOnly: boolean): void {
  useStandView.setState({ namesOnly });
}
