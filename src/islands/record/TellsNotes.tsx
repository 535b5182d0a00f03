import type { ReactNode } from 'react';
import { TellNoteHere, useTellNote } from '../../state/note-places.ts';

/** Reads the pieces once for all parts that tell notes, after the parts themselves are there. */
export function TellsNotes({ children }: { readonly children: ReactNode }) {
  const tell = useTellNote();
  return <TellNoteHere value={tell}>{children}</TellNoteHere>;
}
