import { type Static, Type } from '@sinclair/typebox';
import { oneOf } from '#core/result';
import { HAND_PRESETS } from './hand-presets.ts';

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
