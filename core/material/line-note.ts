import { type Static, Type } from '@sinclair/typebox';
import { PitchText } from '#core/pitch';
import { Duration } from '#core/rhythm';

const closed = { additionalProperties: false };

/**
 * A note, a double stop (two pitches, the lower first) or a rest of a typed line. `slur` ties the bow to the next note:
 * both are played in one bow. `harmonic`: touched as a natural harmonic.
 */
export const LineNoteDocument = Type.Union([
  Type.Object(
    {
      pitches: Type.Array(PitchText, { minItems: 1, maxItems: 2 }),
      duration: Duration,
      slur: Type.Optional(Type.Boolean()),
      harmonic: Type.Optional(Type.Boolean()),
    },
    closed,
  ),
  Type.Object({ rest: Type.Literal(true), duration: Duration }, closed),
]);

/** A note or rest of a typed line, as documents carry it. */
export type LineNoteDocument = Static<typeof LineNoteDocument>;
