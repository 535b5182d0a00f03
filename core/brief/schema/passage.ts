import { type Static, Type } from '@sinclair/typebox';
import { LIMIT_NAMES, type LimitName, limitPart, type Limits } from '#core/brief/parts/limits';
import { Preferences } from '#core/brief/parts/wishes';
import { MOST_NOTES } from '#core/material/typed';

/** The limits that may hold for some notes of a line and not for others: those that test each note by itself. */
export const PASSAGE_LIMITS = ['strings', 'positions', 'fingers', 'openStrings'] as const satisfies readonly LimitName[];

/** The limits of a passage. */
export type PassageLimits = Pick<Limits, (typeof PASSAGE_LIMITS)[number]>;

const PassageLimits = Type.Unsafe<PassageLimits>(
  Type.Object(
    Object.fromEntries(
      LIMIT_NAMES.filter((name) => PASSAGE_LIMITS.some((limit) => limit === name)).map((name) => [
        name,
        Type.Optional(limitPart(name).schema),
      ]),
    ),
    { additionalProperties: false },
  ),
);

const NoteIndex = Type.Integer({ minimum: 0, maximum: MOST_NOTES - 1 });

/**
 * The schema of a passage: what is asked from one note of the line to another (rests count, both inclusive), beside what is asked of the
 * whole.
 */
export const Passage = Type.Object(
  { from: NoteIndex, to: NoteIndex, limits: Type.Optional(PassageLimits), preferences: Type.Optional(Preferences) },
  { additionalProperties: false },
);

/** A passage, as documents carry it. */
export type Passage = Static<typeof Passage>;
