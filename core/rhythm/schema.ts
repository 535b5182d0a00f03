import { type Static, Type } from '@sinclair/typebox';
import { oneOf } from '#core/result';
import { METERS } from './choices.ts';

const closed = { additionalProperties: false };

/** The schema of a length: a fraction of a whole note. */
export const Duration = Type.String({ pattern: '^[1-9][0-9]{0,3}/[1-9][0-9]{0,3}$', description: 'Fraction of a whole note: "3/8".' });

/** The schema of a share of a note's own length: "3/2" is half as long again, "2/3" a note of a triplet. */
const LengthShare = Type.String({ pattern: '^[1-9][0-9]?/[1-9][0-9]?$', description: 'Share of a note: "3/2".' });

/** The schema of the notes to a bow. */
const Bow = Type.Integer({ minimum: 1, maximum: 64 });

/** The largest number of entries in a row before the pattern begins again. */
const IN_A_ROW = { minItems: 1, maxItems: 16 };

/** The schema of a locked bow: notes of the line in one bow, which stays whatever the bowing of the others is. */
export const LockedBow = Type.Object({ from: Type.Integer({ minimum: 0 }), to: Type.Integer({ minimum: 0 }) }, closed);

/** The notes in one bow, as documents carry them; line indexes, rests count. */
export type LockedBow = Static<typeof LockedBow>;

/** The largest number of locked bows of a line. */
const MOST_BOWS = 10_000;

/**
 * The schema of note value, meter and bowing. `notesPerBow` slurs the notes of scales and arpeggios in groups. The other fields make a
 * variant of any line without a change for the left hand: `lengths` are shares of each note's length, `bows` the notes to each bow in place
 * of the slurs there are, both one after the other and then again from the first; `accents` falls on one note of a number; `pickUp` is the
 * time before the first bar line at which the line begins. `lockedBows` are bows the teacher prescribes, in order.
 */
export const Rhythm = Type.Object(
  {
    noteValue: Type.Optional(Duration),
    meter: Type.Optional(oneOf(METERS)),
    notesPerBow: Type.Optional(Bow),
    lengths: Type.Optional(Type.Array(LengthShare, IN_A_ROW)),
    bows: Type.Optional(Type.Array(Bow, IN_A_ROW)),
    accents: Type.Optional(
      Type.Object({ every: Type.Integer({ minimum: 1, maximum: 16 }), on: Type.Integer({ minimum: 1, maximum: 16 }) }, closed),
    ),
    pickUp: Type.Optional(Duration),
    lockedBows: Type.Optional(Type.Array(LockedBow, { minItems: 1, maxItems: MOST_BOWS })),
  },
  closed,
);

/** Note value, meter and bowing, as documents carry them. */
export type Rhythm = Static<typeof Rhythm>;
