import type { Brief } from '#core/brief';

/** Note values and meter where the brief does not say them. */
export const DEFAULT_RHYTHM = { noteValue: '1/8', meter: '4/4', notesPerBow: 1 } as const;

/** A first brief for a new piece. */
export const FIRST_BRIEF: Brief = {
  instrument: { kind: 'violin', size: '4/4' },
  material: { kind: 'scale', type: 'major', tonic: 'G3', octaves: 2, direction: 'up' },
  rhythm: { ...DEFAULT_RHYTHM },
};
