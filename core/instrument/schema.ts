import { type Static, Type } from '@sinclair/typebox';
import { PitchText } from '#core/pitch';
import { oneOf } from '#core/reading';
import { INSTRUMENT_KINDS } from './sizes.ts';

/** An instrument as a brief names it. Everything but the kind may be left to the usual. */
export const InstrumentSpec = Type.Object(
  {
    kind: oneOf(INSTRUMENT_KINDS),
    size: Type.Optional(Type.String({ maxLength: 10, description: 'A size named in the table of sizes; full adult size when absent.' })),
    tuning: Type.Optional(Type.Array(PitchText, { minItems: 1, maxItems: 6, description: 'Open strings, highest first, sounding.' })),
    stringLengthMm: Type.Optional(Type.Number({ minimum: 100, maximum: 1300, description: 'Measured nut to bridge; overrides the size.' })),
    a4Hz: Type.Optional(Type.Number({ minimum: 392, maximum: 466 })),
  },
  { additionalProperties: false },
);

/** An instrument as a brief names it. */
export type InstrumentSpec = Static<typeof InstrumentSpec>;

/** violin, viola, cello or bass. */
export type InstrumentKind = (typeof INSTRUMENT_KINDS)[number];
