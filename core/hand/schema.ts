import { type Static, Type } from '@sinclair/typebox';
import { oneOf } from '#core/reading';
import { HAND_PRESETS } from './hand-presets.ts';

const SCHOOLS = ['standard', 'neck', 'thumb', '124', '1234'] as const;

/** A way of setting the hand. */
export const School = oneOf(
  SCHOOLS,
  'standard (violin, viola), neck or thumb (cello), 124, 1234 or thumb (double bass); thumb adds the thumb position to the usual hand',
);

/** A way of setting the hand: `standard` (violin, viola), `neck`, `thumb` (cello), `124`, `1234`, `thumb` (double bass). */
export type School = Static<typeof School>;

const closed = { additionalProperties: false };
const Span = Type.Object({ comfortMm: Type.Number(), maxMm: Type.Number() }, { ...closed, description: 'Measured at the instrument.' });

/** A player's left hand, as measured at the instrument; what is left out follows the preset (average when absent). */
export const HandMeasure = Type.Object(
  {
    preset: Type.Optional(oneOf(HAND_PRESETS)),
    firstToFourth: Type.Optional(Span),
    firstToSecond: Type.Optional(Span),
    thumbToThird: Type.Optional(Span),
    fingerDistanceMm: Type.Optional(Type.Number({ description: 'Between the centres of two fingers pressed together.' })),
  },
  closed,
);

/** A player's left hand, as documents carry it. */
export type HandMeasure = Static<typeof HandMeasure>;
