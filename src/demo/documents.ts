import type { Documents } from '#core/documents';
import { DEMO_PIECES } from './pieces.ts';
import { DEMO_SCHOOL } from './school.ts';
import { DEMO_STUDIO } from './studio.ts';

/** The demo: documents of every kind, and the instrument of each player by name. */
export interface Demo {
  readonly documents: Documents;
  readonly instrumentOf: Readonly<Record<string, string>>;
}

/** The documents of the made-up studio. */
export const DEMO: Demo = {
  documents: {
    piece: DEMO_PIECES,
    instrument: DEMO_STUDIO.map(({ instrument }) => instrument),
    player: DEMO_STUDIO.map(({ player }) => player),
    school: [DEMO_SCHOOL],
    stages: [],
    session: [],
    week: [],
    log: [],
    book: [],
  },
  instrumentOf: Object.fromEntries(DEMO_STUDIO.map(({ player, instrument }) => [player.name, instrument.name])),
};
