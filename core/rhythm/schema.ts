import { type Static, Type } from '@sinclair/typebox';
import { oneOf } from '#core/result';
import { METERS } from './choices.ts';

/** A length as documents write it: a fraction of a whole note. */
export const Duration = Type.String({ pattern: '^[1-9][0-9]{0,3}/[1-9][0-9]{0,3}$', description: 'Fraction of a whole note: "3/8".' });

/** Note value, meter and bowing; `notesPerBow` slurs the notes of scales and arpeggios in groups. */
export const Rhythm = Type.Object(
  {
    noteValue: Type.Optional(Duration),
    meter: Type.Optional(oneOf(METERS)),
    notesPerBow: Type.Optional(Type.Integer({ minimum: 1, maximum: 64 })),
  },
  { additionalProperties: false },
);

/** Note value, meter and bowing, as documents carry them. */
export type Rhythm = Static<typeof Rhythm>;
