import { type Static, Type } from '@sinclair/typebox';
import { PitchText } from '#core/pitch';
import { oneOf } from '#core/reading';
import { ARPEGGIO_TYPES } from './arpeggio.ts';
import { BROKEN_FIGURES } from './broken.ts';
import { DIRECTIONS, METERS } from './choices.ts';
import { DOUBLE_STOP_INTERVALS } from './double-stops.ts';
import { MOST_NOTES } from './limits.ts';
import { SCALE_TYPES } from './scale.ts';

const Duration = Type.String({ pattern: '^[1-9][0-9]{0,3}/[1-9][0-9]{0,3}$', description: 'Fraction of a whole note: "3/8".' });
const Octaves = Type.Union([Type.Literal(1), Type.Literal(2), Type.Literal(3), Type.Literal(4)]);
const Ways = oneOf(DIRECTIONS);
const closed = { additionalProperties: false };

/** What all material made by rule has in common; the tonic is always the lowest note. */
const FROM_A_TONIC = { tonic: PitchText, octaves: Octaves, direction: Ways };

/**
 * A note, a double stop (two pitches, the lower first) or a rest of a typed line. `slur` ties the bow to the next note:
 * both are played in one bow. `harmonic`: touched as a natural harmonic.
 */
export const LineNoteDocument = Type.Union([
  Type.Object(
    {
      pitches: Type.Array(PitchText, { minItems: 1, maxItems: 2 }),
      duration: Duration,
      slur: Type.Optional(Type.Boolean()),
      harmonic: Type.Optional(Type.Boolean()),
    },
    closed,
  ),
  Type.Object({ rest: Type.Literal(true), duration: Duration }, closed),
]);

/** A note or rest of a typed line, as documents carry it. */
export type LineNoteDocument = Static<typeof LineNoteDocument>;

/** What is to be played: a scale, an arpeggio, or a line of the teacher's own. The tonic is always the lowest. */
export const Material = Type.Union([
  Type.Object(
    {
      kind: Type.Literal('scale'),
      type: oneOf(SCALE_TYPES),
      ...FROM_A_TONIC,
    },
    closed,
  ),
  Type.Object(
    {
      kind: Type.Literal('arpeggio'),
      type: oneOf(ARPEGGIO_TYPES),
      ...FROM_A_TONIC,
    },
    closed,
  ),
  Type.Object(
    {
      kind: Type.Literal('broken'),
      figure: oneOf(BROKEN_FIGURES),
      type: oneOf(SCALE_TYPES),
      ...FROM_A_TONIC,
    },
    closed,
  ),
  Type.Object(
    {
      kind: Type.Literal('double-stops'),
      interval: oneOf(DOUBLE_STOP_INTERVALS),
      type: oneOf(SCALE_TYPES),
      ...FROM_A_TONIC,
    },
    closed,
  ),
  Type.Object(
    {
      kind: Type.Literal('line'),
      notes: Type.Array(LineNoteDocument, { maxItems: MOST_NOTES }),
      key: Type.Optional(Type.String({ maxLength: 12 })),
    },
    closed,
  ),
]);

/** What is to be played, as documents carry it. */
export type Material = Static<typeof Material>;

/** Note value, meter and bowing; `notesPerBow` slurs the notes of scales and arpeggios in groups. */
export const Rhythm = Type.Object(
  {
    noteValue: Type.Optional(Duration),
    meter: Type.Optional(oneOf(METERS)),
    notesPerBow: Type.Optional(Type.Integer({ minimum: 1, maximum: 64 })),
  },
  closed,
);

/** Note value, meter and bowing, as documents carry them. */
export type Rhythm = Static<typeof Rhythm>;
