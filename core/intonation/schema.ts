import { type Static, Type } from '@sinclair/typebox';
import { oneOf } from '#core/result';
import { LEADING_CENTS, SYSTEMS } from './choices.ts';

/** The schema of a brief's intonation: the system at which its notes aim. */
export const IntonationSpec = Type.Object(
  {
    system: Type.Optional(oneOf(SYSTEMS, 'What the notes aim at; equal when absent.')),
    leadingCents: Type.Optional(
      Type.Number({
        minimum: LEADING_CENTS.least,
        maximum: LEADING_CENTS.most,
        description: 'How much the melodic system raises leading notes above linear.',
      }),
    ),
  },
  { additionalProperties: false },
);

/** The intonation of a brief, as documents carry it. */
export type IntonationSpec = Static<typeof IntonationSpec>;
