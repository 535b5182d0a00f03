import { type Static, Type } from '@sinclair/typebox';
import { PositionLabel } from '#core/brief/parts';
import { PurposeName } from '#core/brief/parts/rules';
import { LOWEST_THUMB, School, USUAL_THUMB } from '#core/hand';
import { HandMeasure } from '#core/hand/reach';
import { INSTRUMENT_KINDS } from '#core/instrument';
import { oneOf } from '#core/result';
import { LeadingFinger } from './guide.ts';

const closed = { additionalProperties: false };

/** Runs of semitones on the cello's neck: 123 and again 123, or 12 and 1234. */
export const SEMITONE_FINGERS = ['123', '1234'] as const;

const SemitoneFingers = oneOf(SEMITONE_FINGERS);

/** The one who plays: school, hand as measured, and what the school leaves open. */
export const Player = Type.Object(
  {
    name: Type.Optional(Type.String({ maxLength: 80 })),
    school: Type.Optional(School),
    hand: Type.Optional(HandMeasure),
    thumbFrom: Type.Optional(
      Type.Integer({
        minimum: LOWEST_THUMB,
        maximum: USUAL_THUMB,
        description: 'Semitones above the open string from which the thumb is set.',
      }),
    ),
    guide: Type.Optional(LeadingFinger),
    semitones: Type.Optional(SemitoneFingers),
    pivots: Type.Optional(Type.Boolean({ description: 'Double bass: the hand may roll a semitone around its thumb.' })),
  },
  closed,
);

/** A player as a studio keeps them: who plays what, with which hand, what is known, and what for. */
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
