import { type Static, Type } from '@sinclair/typebox';
import { Lock } from '#core/brief';
import { PositionLabel } from '#core/brief/parts';
import { FINGERS } from '#core/hand/placement';
import { INSTRUMENT_KINDS } from '#core/instrument';
import { DOUBLE_STOP_INTERVALS } from '#core/material/scale';
import { LineNoteDocument } from '#core/material/typed';
import { PitchText } from '#core/pitch';
import { oneOf } from '#core/result';
import { METERS } from '#core/rhythm';
import { LOOP_KINDS } from '#core/drill/hot-spots';
import { STUDY_ORDERS } from '#core/drill/shifts';

const closed = { additionalProperties: false };

const FingerText = oneOf(FINGERS);

/** The schema of a class of shifts. */
const ShiftClassDocument = Type.Object(
  {
    kind: oneOf(INSTRUMENT_KINDS),
    fromString: PitchText,
    toString: PitchText,
    fromFinger: FingerText,
    toFinger: FingerText,
    way: oneOf(['up', 'down'] as const),
    distance: Type.Object({ by: oneOf(['positions', 'semitones'] as const), steps: Type.Integer({ minimum: 1, maximum: 60 }) }, closed),
  },
  closed,
);

/** The pairs of fingers that a matrix may go through. */
export const MATRIX_FINGERS = ['same', 'mixed', 'all'] as const;

/** The keys of the strings of a matrix: one for all, or one for each, so that the fingers fall alike on all strings. */
export const MATRIX_KEYS = ['one', 'each-string'] as const;

/** The numbers of times that the lifted finger may be set again by itself, before the line is played. */
export const LIFT_TIMES = [0, 2, 4, 8] as const;

/** The music that may be played inside a position. */
export const POSITION_SETS = ['scale', 'broken-thirds', 'arpeggio'] as const;

/** The ways to build up double stops: each string alone and then both, or both at once between rests. */
export const DOUBLE_STOP_WAYS = ['one-by-one', 'at-once'] as const;

/** The ways to play a chord of three notes: from the two lower to the two upper, or with all fingers down. */
export const CHORD_WAYS = ['rolled', 'held'] as const;

/** The treatment of fingers in a loop while others play: as the school says, left down, or lifted. */
export const LOOP_FINGERS = ['as-taught', 'held', 'lifted'] as const;

/** The schema of a note or a double stop of a loop, fingered as in the piece. */
const LoopNote = Type.Object({ pitches: Type.Array(PitchText, { minItems: 1, maxItems: 2 }), fingered: Type.Omit(Lock, ['note']) }, closed);

/** The schema of some measures of a piece, as they are written and fingered there. */
export const MeasuresOfPiece = Type.Object(
  {
    meter: oneOf(METERS),
    notes: Type.Array(LineNoteDocument, { minItems: 1, maxItems: 200 }),
    locks: Type.Array(Lock, { maxItems: 200 }),
  },
  closed,
);

/** Some measures of a piece as they are written and fingered there. */
export type MeasuresOfPiece = Static<typeof MeasuresOfPiece>;

const strings = Type.Array(PitchText, { minItems: 1, maxItems: 6 });

/**
 * The families of drills, each with what it asks for.
 *
 * - `loop`: a hard place of a piece, there and back;
 * - `shift`: one shift walked up the string, and `into` the measures of the piece that have it;
 * - `matrix`: finger by finger from one position to another;
 * - `matching`: one note with two fingers, the hand going from one position to another while the open string sounds;
 * - `position`: a set inside one position;
 * - `two-places`: one finger between its two places while its neighbours stay;
 * - `first-and-fourth`: the first and the fourth finger across two strings;
 * - `lift-and-replace`: the top of the melodic minor, where one finger is lifted and set again;
 * - `blocks`: fingers set down together coming onto a string;
 * - `double-stops`: a scale in double stops;
 * - `chords`: the triads of the key on three strings;
 * - `open-string`: stopped notes against the open string beside them;
 * - `chromatic`: by semitones, with landmarks;
 * - `one-string`: a scale on one string;
 * - `guide`: a shift with its in-between note written out;
 * - `home`: back to one position after each other one;
 * - `hovering`: fingers set down at speed out of a rest.
 */
export const DrillFamily = Type.Union([
  Type.Object(
    {
      family: Type.Literal('shift'),
      shift: ShiftClassDocument,
      letters: Type.Union([Type.Integer({ minimum: -30, maximum: 30 }), Type.Null()]),
      measures: oneOf(STUDY_ORDERS),
      into: Type.Optional(MeasuresOfPiece),
    },
    closed,
  ),
  Type.Object(
    {
      family: Type.Literal('loop'),
      kind: oneOf(LOOP_KINDS),
      notes: Type.Array(LoopNote, { minItems: 1, maxItems: 64 }),
      fingers: oneOf(LOOP_FINGERS),
      checks: Type.Boolean(),
    },
    closed,
  ),
  Type.Object(
    {
      family: Type.Literal('matrix'),
      strings,
      from: PositionLabel,
      to: PositionLabel,
      fingers: oneOf(MATRIX_FINGERS),
      keys: Type.Optional(oneOf(MATRIX_KEYS)),
    },
    closed,
  ),
  Type.Object({ family: Type.Literal('matching'), strings, from: PositionLabel, to: PositionLabel }, closed),
  Type.Object({ family: Type.Literal('position'), position: PositionLabel, set: oneOf(POSITION_SETS) }, closed),
  Type.Object({ family: Type.Literal('two-places'), position: PositionLabel, strings, finger: FingerText }, closed),
  Type.Object({ family: Type.Literal('first-and-fourth'), position: PositionLabel, strings }, closed),
  Type.Object(
    {
      family: Type.Literal('lift-and-replace'),
      position: PositionLabel,
      times: Type.Optional(Type.Union(LIFT_TIMES.map((time) => Type.Literal(time)))),
    },
    closed,
  ),
  Type.Object({ family: Type.Literal('blocks'), position: PositionLabel }, closed),
  Type.Object(
    {
      family: Type.Literal('double-stops'),
      interval: oneOf(DOUBLE_STOP_INTERVALS),
      built: oneOf(DOUBLE_STOP_WAYS),
      position: Type.Union([PositionLabel, Type.Null()]),
    },
    closed,
  ),
  Type.Object({ family: Type.Literal('chords'), position: PositionLabel, played: oneOf(CHORD_WAYS) }, closed),
  Type.Object({ family: Type.Literal('open-string'), position: PositionLabel, strings }, closed),
  Type.Object({ family: Type.Literal('chromatic'), strings }, closed),
  Type.Object({ family: Type.Literal('one-string'), strings }, closed),
  Type.Object({ family: Type.Literal('guide'), shift: ShiftClassDocument }, closed),
  Type.Object({ family: Type.Literal('home'), position: PositionLabel, strings }, closed),
  Type.Object({ family: Type.Literal('hovering'), position: PositionLabel, strings }, closed),
]);

/** A family of drills, with what it asks for. */
export type DrillFamily = Static<typeof DrillFamily>;

/** The name of a family. */
export type FamilyName = DrillFamily['family'];

/** The request of each family. */
type Families = { readonly [Name in FamilyName]: Extract<DrillFamily, { family: Name }> };

/** The request of a family. */
export type FamilyOf<Name extends FamilyName> = Families[Name];

/** A family that can be asked for without a piece, which a loop cannot. */
export type OfferedFamily = Exclude<FamilyName, 'loop'>;

/** The names of the families, in the order in which they are offered. */
export const FAMILY_NAMES = [
  'shift',
  'guide',
  'matrix',
  'matching',
  'home',
  'position',
  'one-string',
  'chromatic',
  'two-places',
  'first-and-fourth',
  'lift-and-replace',
  'blocks',
  'hovering',
  'double-stops',
  'chords',
  'open-string',
] as const satisfies readonly OfferedFamily[];

/** The rhythms over the same fingers: as written, long and short by turns, short and long, or each note twice in half the time. */
export const DRILL_RHYTHMS = ['as-written', 'long-short', 'short-long', 'twice'] as const;

/** The schema of a drill's variant, which leaves its fingers as they are. */
export const DrillVariant = Type.Object({ rhythm: oneOf(DRILL_RHYTHMS), notesPerBow: Type.Integer({ minimum: 1, maximum: 16 }) }, closed);

/** A variant of a drill, which leaves its fingers as they are. */
export type DrillVariant = Static<typeof DrillVariant>;

/** The schema of a request to the drill writer: the family, the key (documents' form), and the variant. */
export const DrillRequest = Type.Object({ key: Type.String({ maxLength: 12 }), asks: DrillFamily, variant: DrillVariant }, closed);

/** A request to the drill writer. */
export type DrillRequest = Static<typeof DrillRequest>;

/** The variant that plays as written, each note with a bow of its own. */
export const PLAIN_VARIANT: DrillVariant = { rhythm: 'as-written', notesPerBow: 1 };
