import { type Static, Type } from '@sinclair/typebox';
import { Brief } from '#core/plan';
import { PIECE_FORMAT, PIECE_VERSION } from './version.ts';

/** A piece as a file carries it: a brief under a name, and the line as the teacher typed it, if it is one. */
export const Piece = Type.Object(
  {
    format: Type.Literal(PIECE_FORMAT),
    version: Type.Literal(PIECE_VERSION),
    name: Type.String({ maxLength: 120 }),
    brief: Brief,
    lineText: Type.Optional(Type.String({ maxLength: 400_000, description: 'The line as typed, with its mistakes.' })),
  },
  { additionalProperties: false, $id: 'piece', title: 'Piece' },
);

/** A piece as a file carries it. */
export type Piece = Static<typeof Piece>;
