import type { Brief } from '#core/brief';

/** The note value and meter of a brief that does not state them. */
export const DEFAULT_RHYTHM = { noteValue: '1/8', meter: '4/4', notesPerBow: 1 } as const;

/** The brief of a new piece. */
export const FIRST_BRIEF: Brief = {
  instrument: { kind: 'violin', size: '4/4' },
  material: { kind: 'scale', type: 'major', tonic: 'G3', octaves: 2, direction: 'up' },
  rhythm: { ...DEFAULT_RHYTHM },
};
