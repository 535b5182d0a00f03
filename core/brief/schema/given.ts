import { type Static, Type } from '@sinclair/typebox';
import { FINGERS } from '#core/hand/placement';
import { oneOf } from '#core/result';
import { Lock } from './lock.ts';

const FingerText = oneOf(FINGERS);

/**
 * The schema of the fingering that a score gives for one note of the line (rests count): any of string, finger and position; another finger
 * it leaves the choice of, and the finger that takes the note over while it sounds.
 */
export const GivenFinger = Type.Object(
  {
    ...Lock.properties,
    alternate: Type.Optional(FingerText),
    takenOverBy: Type.Optional(FingerText),
  },
  { additionalProperties: false },
);

/** The fingering that a score gives for one note, as documents carry it. */
export type GivenFinger = Static<typeof GivenFinger>;
