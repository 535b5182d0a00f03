import { type Static, Type } from '@sinclair/typebox';
import { PositionLabel } from '#core/brief/parts';
import { FINGERS } from '#core/hand/placement';
import { MOST_NOTES } from '#core/material/typed';
import { PitchText } from '#core/pitch';
import { oneOf } from '#core/result';

const FingerText = oneOf(FINGERS);

/** The schema of a lock: any of string, finger and position for one note of the line (rests count). */
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

/** The lock of a teacher on one note, as documents carry it. */
export type Lock = Static<typeof Lock>;
