import { useState } from 'react';
import type { DrillRequest } from '#core/drill/families';

/** A drill as it is asked for, and the note of the piece that called for it; null where none did. */
interface Composed {
  readonly request: DrillRequest;
  readonly note: number | null;
  /** Whether a family was chosen: where this hand does not play the request as it is, the form opens on another of the family. */
  readonly opens: boolean;
}

/** The drill writer of a page. */
export interface Writer {
  /** The request that is being composed; null before there is one. */
  readonly composed: Composed | null;
  /** Begins with a drill, for a note of the piece or for none. */
  readonly ask: (request: DrillRequest, note: number | null) => void;
  /** Asks for it differently, for the same note; `opens` where a family is chosen. */
  readonly change: (request: DrillRequest, opens?: boolean) => void;
}

/** Gives the request to the drill writer; `open` shows it. */
export function useWriter(open: () => void): Writer {
  const [composed, setComposed] = useState<Composed | null>(null);
  return {
    composed,
    ask: (request, note) => {
      // A shift that does not exist is written as the nearest that does, which is said.
      setComposed({ request, note, opens: !('shift' in request.asks) });
      open();
    },
    change: (request, opens = false) => setComposed({ request, note: composed?.note ?? null, opens }),
  };
}
