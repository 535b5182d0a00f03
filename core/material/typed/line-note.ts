import { type Static, Type } from '@sinclair/typebox';
import { PitchText } from '#core/pitch';
import { Duration } from '#core/rhythm';
import { type Accent, ARTICULATIONS, ORNAMENT_KINDS, ORNAMENT_SIGNS } from '#core/material/line';

/** The largest number of notes at once: a chord of three, played two and two in one hand. */
export const MOST_AT_ONCE = 3;

const closed = { additionalProperties: false };

/** The schema of an ornament: its kind, and the sign at it where its other note is not the one of the key. */
const OrnamentDocument = Type.Object(
  {
    kind: Type.Union(ORNAMENT_KINDS.map((kind) => Type.Literal(kind))),
    sign: Type.Optional(Type.Union(ORNAMENT_SIGNS.map((sign) => Type.Literal(sign)))),
  },
  closed,
);

/**
 * The schema of a note, a double stop (two pitches, the lower first), a chord of three, or a rest of a typed line. `slur` leads the bow to
 * the next note: both are played in one bow. `harmonic`: touched as a natural harmonic, or `stopped`: one finger stops, another touches a
 * fourth above it, and the pitch sounds two octaves above the stopped note. `grace`: a grace note before the next one, which takes no time
 * of its own. `accent`: played with an accent, or with the strong one that is called marcato. `articulation`: a dot, a wedge, a line, or a
 * line with a dot.
 */
export const LineNoteDocument = Type.Union([
  Type.Object(
    {
      pitches: Type.Array(PitchText, { minItems: 1, maxItems: MOST_AT_ONCE }),
      duration: Duration,
      slur: Type.Optional(Type.Boolean()),
      harmonic: Type.Optional(Type.Union([Type.Boolean(), Type.Literal('stopped')])),
      grace: Type.Optional(Type.Literal(true)),
      ornament: Type.Optional(OrnamentDocument),
      accent: Type.Optional(Type.Union([Type.Literal(true), Type.Literal('marcato')])),
      articulation: Type.Optional(Type.Union(ARTICULATIONS.map((articulation) => Type.Literal(articulation)))),
    },
    closed,
  ),
  Type.Object({ rest: Type.Literal(true), duration: Duration }, closed),
]);

/** A note or rest of a typed line, as documents carry it. */
export type LineNoteDocument = Static<typeof LineNoteDocument>;

/** A note of a typed line, as opposed to a rest. */
export type TypedNote = Exclude<LineNoteDocument, { rest: true }>;

/** Gives an accent as documents carry it, and nothing for none. */
export function writtenAccent(accent: Accent | null | undefined): Pick<TypedNote, 'accent'> {
  return accent ? { accent: accent === 'accent' ? true : accent } : {};
}

/** Reads the accent a document has at a note; null for none. */
export function accentOf({ accent }: TypedNote): Accent | null {
  return accent === true ? 'accent' : (accent ?? null);
}
