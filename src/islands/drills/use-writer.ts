import { useState } from 'react';
import type { DrillRequest } from '#core/drill';

/** A drill as it is asked for, and the note of the piece that called for it; null where none did. */
interface Composed {
  readonly request: DrillRequest;
  readonly note: number | null;
}

/** The drill writer of a page. */
export interface Writer {
  /** What is being composed; null before anything is. */
  readonly composed: Composed | null;
  /** Begins with a drill, for a note of the piece or for none. */
  readonly ask: (request: DrillRequest, note: number | null) => void;
  /** Asks for it differently, for the same note. */
  readonly change: (request: DrillRequest) => void;
}

/** What the drill writer is asked for; `open` shows it. */
export function useWriter(open: () => void): Writer {
  const [composed, setComposed] = useState<Composed | null>(null);
  return {
    composed,
    ask: (request, note) => {
      setComposed({ request, note });
      open();
    },
    change: (request) => setComposed({ request, note: composed?.note ?? null }),
  };
}
