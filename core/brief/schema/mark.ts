import { type Static, Type } from '@sinclair/typebox';
import { CLEF_NAMES } from '#core/instrument';
import { MOST_NOTES } from '#core/material/typed';
import { oneOf } from '#core/result';
import { LeadingFinger } from './guide.ts';

/** The directions of the bow. */
export const BOW_DIRECTIONS = ['down', 'up'] as const;

/** The ways in which one finger goes a semitone on: it slides, or it is lifted and set again. */
export const SEMITONE_STEPS = ['slide', 'lift'] as const;

/**
 * The schema of the marks at one note of the line (rests count): bow, the clef from there on, a cue over the staff, a remark for the page
 * below; for the shift that arrives on it, the leading finger and whether it is heard; for a step with one finger, slide or lift.
 */
export const Mark = Type.Object(
  {
    note: Type.Integer({ minimum: 0, maximum: MOST_NOTES - 1 }),
    bow: Type.Optional(oneOf(BOW_DIRECTIONS)),
    clef: Type.Optional(oneOf(CLEF_NAMES, 'Read in this clef until the next that is set.')),
    cue: Type.Optional(Type.String({ minLength: 1, maxLength: 40 })),
    remark: Type.Optional(Type.String({ minLength: 1, maxLength: 400 })),
    guide: Type.Optional(LeadingFinger),
    slide: Type.Optional(Type.Literal('expressive', { description: 'The shift that arrives here is heard.' })),
    semitone: Type.Optional(oneOf(SEMITONE_STEPS)),
  },
  { additionalProperties: false },
);

/** The marks of a teacher at one note, as documents carry them. */
export type Mark = Static<typeof Mark>;
