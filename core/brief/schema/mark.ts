import { type Static, Type } from '@sinclair/typebox';
import { MOST_NOTES } from '#core/material';
import { oneOf } from '#core/result';

/** Which way the bow goes. */
export const BOW_DIRECTIONS = ['down', 'up'] as const;

/** What the teacher writes at one note of the line (rests count): bow, a cue over the staff, a remark for the page below. */
export const Mark = Type.Object(
  {
    note: Type.Integer({ minimum: 0, maximum: MOST_NOTES - 1 }),
    bow: Type.Optional(oneOf(BOW_DIRECTIONS)),
    cue: Type.Optional(Type.String({ minLength: 1, maxLength: 40 })),
    remark: Type.Optional(Type.String({ minLength: 1, maxLength: 400 })),
  },
  { additionalProperties: false },
);

/** What the teacher writes at one note, as documents carry it. */
export type Mark = Static<typeof Mark>;
