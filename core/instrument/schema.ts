import { type Static, Type } from '@sinclair/typebox';
import { PitchText } from '#core/pitch';
import { oneOf } from '#core/result';
import { INSTRUMENT_KINDS, OPEN_TUNINGS } from './sizes.ts';

const closed = { additionalProperties: false };

/** The highest place that can be taped: two octaves above the open strings, semitones. */
export const MOST_TAPED = 24;

/** The schema of an instrument as a brief names it. Everything but the kind may be left to the usual values. */
export const InstrumentSpec = Type.Object(
  {
    kind: oneOf(INSTRUMENT_KINDS),
    size: Type.Optional(Type.String({ maxLength: 10, description: 'A size named in the table of sizes; full adult size when absent.' })),
    tuning: Type.Optional(Type.Array(PitchText, { minItems: 1, maxItems: 6, description: 'Open strings, highest first, sounding.' })),
    stringLengthMm: Type.Optional(Type.Number({ description: 'Measured nut to bridge; overrides the size.' })),
    outerSpacingMm: Type.Optional(
      Type.Object({ nut: Type.Number(), bridge: Type.Number() }, { ...closed, description: 'Between the outer strings, as measured.' }),
    ),
    pressingMm: Type.Optional(
      Type.Array(Type.Number(), {
        maxItems: 6,
        description: 'By string from the highest: how much nearer the nut a pressed note lies than the bare geometry says.',
      }),
    ),
    a4Hz: Type.Optional(Type.Number({ description: 'Reference A, 415 to 445.' })),
    tapes: Type.Optional(
      Type.Array(Type.Integer({ minimum: 1, maximum: MOST_TAPED }), {
        maxItems: MOST_TAPED,
        description: 'The tapes on the fingerboard, from the nut: semitones above the open strings.',
      }),
    ),
    openTuning: Type.Optional(oneOf(OPEN_TUNINGS, 'How the strings are tuned from the A: pure fifths or fourths (when absent), or equal.')),
  },
  closed,
);

/** An instrument as a brief names it. */
export type InstrumentSpec = Static<typeof InstrumentSpec>;

/** A tuning of the open strings: pure fifths (fourths on the double bass) from the A, or equal. */
export type OpenTuning = (typeof OPEN_TUNINGS)[number];

/** The kind of an instrument: violin, viola, cello or bass. */
export type InstrumentKind = (typeof INSTRUMENT_KINDS)[number];
