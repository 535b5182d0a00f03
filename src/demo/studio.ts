import type { PlayerProfile } from '#core/brief';
import { DOCUMENT_KINDS, withHead, type InstrumentDocument, type PlayerDocument } from '#core/documents';
import type { InstrumentSpec } from '#core/instrument';

/** A pupil of the made-up studio, with the pupil's instrument. */
export interface DemoPlayer {
  readonly player: PlayerDocument;
  readonly instrument: InstrumentDocument;
}

/** The pupils of a made-up studio; the pieces of the demo are for them. */
export const DEMO_STUDIO: readonly DemoPlayer[] = [
  pupil(
    'Wren',
    'Wren’s ¾ violin',
    { kind: 'violin', size: '3/4' },
    { player: { hand: { firstToFourth: { comfortMm: 75, maxMm: 88 }, fingerDistanceMm: 9 } } },
  ),
  pupil('Linnet', 'Linnet’s viola', { kind: 'viola', size: '15.5"' }, { player: {} }),
  pupil('Martin', 'Martin’s cello', { kind: 'cello', size: '4/4', stringLengthMm: 692 }, { player: {} }),
  pupil('Merle', 'Merle’s bass', { kind: 'bass', size: '3/4' }, { player: {} }),
  pupil('Robin', 'Robin’s violin', { kind: 'violin', size: '4/4' }, { player: { hand: { preset: 'average' } } }),
  pupil(
    'Plover',
    'Plover’s ¾ cello',
    { kind: 'cello', size: '3/4', tapes: [2, 3, 4, 5] },
    {
      player: {
        hand: {
          firstToFourth: { comfortMm: 88, maxMm: 114 },
          firstToSecond: { comfortMm: 52, maxMm: 66 },
          fingerDistanceMm: 9,
        },
      },
      purpose: 'training',
      positions: ['half', '1', '2', '3', '4'],
    },
  ),
];

function pupil(name: string, instrumentName: string, instrument: InstrumentSpec, profile: Omit<PlayerProfile, 'kind'>): DemoPlayer {
  return {
    player: withHead(DOCUMENT_KINDS.player, { name, profile: { kind: instrument.kind, ...profile } }),
    instrument: withHead(DOCUMENT_KINDS.instrument, { name: instrumentName, instrument }),
  };
}
