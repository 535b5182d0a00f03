import { type Static, Type } from '@sinclair/typebox';
import { PositionLabel } from '#core/brief/parts';
import { FINGERS } from '#core/hand';
import { MOST_NOTES } from '#core/material/typed';
import { PitchText } from '#core/pitch';
import { oneOf } from '#core/result';

const FingerText = oneOf(FINGERS);

/** What the teacher locked for one note of the line (rests count): any of string, finger, position. */
export const Lock = Type.Object(
  {
    note: Type.Integer({ minimum: 0, maximum: MOST_NOTES - 1 }),
    string: Type.Optional(PitchText),
    finger: Type.Optional(FingerText),
    upperFinger: Type.Optional(FingerText),
    topFinger: Type.Optional(FingerText),
    position: Type.Optional(PositionLabel),
  },
  { additionalProperties: false },
);

/** What the teacher locked for one note, as documents carry it. */
export type Lock = Static<typeof Lock>;
