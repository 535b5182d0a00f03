import type { InstrumentKind } from './schema.ts';

/** The clefs string players read. */
export const CLEF_NAMES = ['treble', 'alto', 'tenor', 'bass'] as const;

/** A clef by its name. */
export type ClefName = (typeof CLEF_NAMES)[number];

/** The clefs an instrument is written in, its own first. */
export const CLEFS_READ: Readonly<Record<InstrumentKind, readonly [ClefName, ...ClefName[]]>> = {
  violin: ['treble'],
  viola: ['alto', 'treble'],
  cello: ['bass', 'tenor', 'treble'],
  bass: ['bass', 'tenor', 'treble'],
};
