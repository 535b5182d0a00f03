import { type Static, Type } from '@sinclair/typebox';
import { oneOf } from '#core/result';
import { HAND_PRESETS } from './hand-presets.ts';

const closed = { additionalProperties: false };
const Span = Type.Object({ comfortMm: Type.Number(), maxMm: Type.Number() }, { ...closed, description: 'Measured at the instrument.' });

/** The lengths of a fourth finger that is not of the usual length beside the third. */
export const FOURTH_FINGERS = ['short', 'long'] as const;

/** The shortest and the longest arm from armpit to fingertips, mm. */
export const ARM_MM = { least: 100, most: 1000 } as const;

/**
 * The schema of a player's left hand, as measured at the instrument; a missing field follows the preset (average when absent). The length
 * of the fourth finger, the arm and the nails inform remarks; only spans are judged by.
 */
export const HandMeasurements = Type.Object(
  {
    preset: Type.Optional(oneOf(HAND_PRESETS)),
    firstToFourth: Type.Optional(Span),
    firstToSecond: Type.Optional(Span),
    thumbToThird: Type.Optional(Span),
    measuredOn: Type.Optional(Type.String({ pattern: '^\\d{4}-\\d{2}-\\d{2}$', description: 'The day it was measured, year-month-day.' })),
    fourthFinger: Type.Optional(oneOf(FOURTH_FINGERS)),
    armMm: Type.Optional(Type.Number({ minimum: ARM_MM.least, maximum: ARM_MM.most, description: 'From the armpit to the fingertips.' })),
    nails: Type.Optional(Type.String({ minLength: 1, maxLength: 200, description: 'A remark on the nails of the left hand.' })),
    fingerDistanceMm: Type.Optional(Type.Number({ description: 'Between the centres of two fingers pressed together.' })),
  },
  closed,
);

/** A player's left hand, as documents carry it. */
export type HandMeasurements = Static<typeof HandMeasurements>;
