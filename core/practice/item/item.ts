import { type Static, Type } from '@sinclair/typebox';
import { MOST_NOTES } from '#core/material/typed';
import { oneOf } from '#core/result';
import { STAGES } from '#core/drill/apart';
import { Ladder, SetRule } from '#core/practice/ladder';

const closed = { additionalProperties: false };

const NoteIndex = Type.Integer({ minimum: 0, maximum: MOST_NOTES - 1 });

/**
 * The schema of the part of a piece that is practised: all of it, some notes (line indexes, both inclusive), or a stage of the shift to a
 * note.
 */
export const PracticePart = Type.Union([
  Type.Object({ part: Type.Literal('whole') }, closed),
  Type.Object({ part: Type.Literal('passage'), from: NoteIndex, to: NoteIndex }, closed),
  Type.Object({ part: Type.Literal('stage'), note: NoteIndex, stage: oneOf(STAGES) }, closed),
]);

/** The part of a piece that is practised. */
export type PracticePart = Static<typeof PracticePart>;

/** The schema of what is practised, as a log names it: a piece of the studio by its id, its name then, and the part of it. */
export const Practised = Type.Object(
  { piece: Type.String({ maxLength: 60 }), title: Type.String({ maxLength: 120 }), part: PracticePart },
  closed,
);

/** A practised part of a piece. */
export type Practised = Static<typeof Practised>;

/** Gives the key that tells one practised part from another: the piece by its id, and the part; not its name, which may change. */
export function practisedKey({ piece, part }: Pick<Practised, 'piece' | 'part'>): string {
  switch (part.part) {
    case 'whole':
      return piece;
    case 'passage':
      return `${piece} ${part.from}-${part.to}`;
    case 'stage':
      return `${piece} ${part.note} ${part.stage}`;
  }
}

/** The ways to hear the model: not at all, once before each set, or in turns with a gap of the same length to play in. */
export const MODELS = ['none', 'before', 'in-turns'] as const;

/** The numbers of parts into which the beat may be divided. */
export const SUBDIVISIONS = [1, 2, 3, 4] as const;

/** The schema of what sounds along. */
export const Along = Type.Object(
  {
    model: oneOf(MODELS),
    /** The drone: `none`, `tonic`, or the open note of a string, documents' form. */
    drone: Type.String({ maxLength: 6 }),
    metronome: Type.Boolean(),
    subdivision: Type.Union(SUBDIVISIONS.map((subdivision) => Type.Literal(subdivision))),
    /** Whether every other measure of the metronome is silent. */
    silentMeasures: Type.Boolean(),
    /** Whether the model is played with vibrato: without it, pitch can be judged. */
    vibrato: Type.Boolean(),
  },
  closed,
);

/** The choices of what sounds along. */
export type Along = Static<typeof Along>;

/** The ways in which notes may be grouped before all of them are played. */
export const GROUPINGS = ['all', 'cell', 'tetrachord', 'octave', 'two-octaves', 'measure', 'two-measures'] as const;

/** The way in which notes are grouped. */
export type Grouping = (typeof GROUPINGS)[number];

/** The fewest and the most minutes of an item. */
export const ITEM_MINUTES = { least: 1, most: 30 } as const;

/** The schema of an item of a session. */
export const PracticeItem = Type.Object(
  {
    practised: Practised,
    minutes: Type.Integer({ minimum: ITEM_MINUTES.least, maximum: ITEM_MINUTES.most }),
    ladder: Ladder,
    set: SetRule,
    along: Along,
    grouping: oneOf(GROUPINGS),
  },
  closed,
);

/** An item of a session. */
export type PracticeItem = Static<typeof PracticeItem>;

/** The largest number of items in a session. */
export const MOST_IN_SESSION = 12;

/** The fields of a session beside its aim, which is its name: the check at its end, and items with their minutes. */
export const SESSION_FIELDS = {
  endCheck: Type.String({ maxLength: 160 }),
  items: Type.Array(PracticeItem, { maxItems: MOST_IN_SESSION }),
};

/** The sounds that go along unless something else is chosen. */
export const PLAIN_ALONG: Along = {
  model: 'before',
  drone: 'none',
  metronome: true,
  subdivision: 1,
  silentMeasures: false,
  vibrato: false,
};
