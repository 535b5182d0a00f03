import { type Static, Type } from '@sinclair/typebox';
import { PositionLabel } from '#core/brief/parts';
import { PurposeName } from '#core/brief/parts/rules';
import { WAY_FIELDS } from '#core/brief/parts/school';
import { HandSchool } from '#core/hand';
import { LOWEST_THUMB, USUAL_THUMB } from '#core/hand/models';
import { HandMeasurements } from '#core/hand/reach';
import { INSTRUMENT_KINDS } from '#core/instrument';
import { oneOf } from '#core/result';

const closed = { additionalProperties: false };

// A bass player's hand is the player's own school.
const { bassHand: _, ...ways } = WAY_FIELDS;

/**
 * The schema of the player of a brief: the hand as measured and as taught, and the answers in which this player differs from the school.
 */
export const Player = Type.Object(
  {
    name: Type.Optional(Type.String({ maxLength: 80 })),
    school: Type.Optional(HandSchool),
    hand: Type.Optional(HandMeasurements),
    thumbFrom: Type.Optional(
      Type.Integer({
        minimum: LOWEST_THUMB,
        maximum: USUAL_THUMB,
        description: 'Semitones above the open string from which the thumb is set.',
      }),
    ),
    pivots: Type.Optional(Type.Boolean({ description: 'Double bass: the hand may roll a semitone around its thumb.' })),
    ...ways,
  },
  closed,
);

/** The schema of a player as a studio keeps them: instrument, hand, known positions and purpose. */
export const PlayerProfile = Type.Object(
  {
    kind: oneOf(INSTRUMENT_KINDS),
    player: Player,
    purpose: Type.Optional(PurposeName),
    positions: Type.Optional(Type.Array(PositionLabel, { minItems: 1, maxItems: 20, description: 'The positions this player knows.' })),
  },
  closed,
);

/** A player as a studio keeps them, as documents carry it. */
export type PlayerProfile = Static<typeof PlayerProfile>;
