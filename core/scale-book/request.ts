import { type Static, Type } from '@sinclair/typebox';
import { Brief } from '#core/brief';
import { KEYS_OFFERED } from '#core/brief/edits';
import { OCTAVE_COUNTS } from '#core/brief/parts/materials';
import { DIRECTIONS } from '#core/material/scale';
import { SheetChoices } from '#core/paper/choices';
import { oneOf } from '#core/result';
import { KEY_ORDERS } from './key-order.ts';
import { BOOK_KINDS, MINOR_FORMS } from './scale-book.ts';

const closed = { additionalProperties: false };

/** The schema of a scale book that is asked of a server: the book, for whom and on what, and how it is printed. */
export const BookRequest = Type.Object(
  {
    title: Type.Optional(Type.String({ minLength: 1, maxLength: 120 })),
    book: Type.Object(
      {
        keys: Type.Array(oneOf(KEYS_OFFERED), { minItems: 1, maxItems: KEYS_OFFERED.length }),
        order: oneOf(KEY_ORDERS),
        kinds: Type.Array(oneOf(BOOK_KINDS), { minItems: 1, maxItems: BOOK_KINDS.length }),
        octaves: Type.Array(Type.Union(OCTAVE_COUNTS.map((count) => Type.Literal(count))), { minItems: 1, maxItems: OCTAVE_COUNTS.length }),
        direction: oneOf(DIRECTIONS),
        minor: oneOf(MINOR_FORMS),
      },
      closed,
    ),
    brief: Brief,
    choices: Type.Optional(SheetChoices),
    openings: Type.Optional(Type.Boolean({ description: 'Whether a key of several pages begins on a left page.' })),
  },
  { ...closed, $id: 'book-request', title: 'Scale book' },
);

/** A scale book that is asked of a server. The material of its brief is not played: instrument, player, school and wishes count. */
export type BookRequest = Static<typeof BookRequest>;
