import { type Static, Type } from '@sinclair/typebox';
import { oneOf } from '#core/result';
import { METERS } from './choices.ts';

const closed = { additionalProperties: false };

/** A length as documents write it: a fraction of a whole note. */
export const Duration = Type.String({ pattern: '^[1-9][0-9]{0,3}/[1-9][0-9]{0,3}$', description: 'Fraction of a whole note: "3/8".' });

/** A share of a note's own length: "3/2" is half as long again, "2/3" a note of a triplet. */
const LengthShare = Type.String({ pattern: '^[1-9][0-9]?/[1-9][0-9]?$', description: 'Share of a note: "3/2".' });

/** Notes to a bow. */
const Bow = Type.Integer({ minimum: 1, maximum: 64 });

/** The most there may be in a row before it begins again. */
const IN_A_ROW = { minItems: 1, maxItems: 16 };

/** Notes of the line in one bow, from one place to another: whatever the bowing of the others is, these stay as they are. */
export const LockedBow = Type.Object({ from: Type.Integer({ minimum: 0 }), to: Type.Integer({ minimum: 0 }) }, closed);

/** Notes in one bow, as documents carry them; line indexes, rests count. */
export type LockedBow = Static<typeof LockedBow>;

/** No line has more bows. */
const MOST_BOWS = 10_000;

/**
 * Note value, meter and bowing. `notesPerBow` slurs the notes of scales and arpeggios in groups. The others make a variant of any
 * line without a change to what the left hand does: `lengths` are shares of each note's length, `bows` the notes to each bow in
 * place of the slurs there are, both one after the other and then again from the first; `accents` falls on one note of so many;
 * `pickUp` is how long before the first bar line the line begins. `lockedBows` are bows the teacher prescribes, in order.
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
