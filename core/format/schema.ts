import { type Static, Type } from '@sinclair/typebox';
import { InstrumentSpec } from '#core/instrument';
import { Brief, PlayerProfile } from '#core/plan';
import { INSTRUMENT_FORMAT, INSTRUMENT_VERSION, PIECE_FORMAT, PIECE_VERSION, PLAYER_FORMAT, PLAYER_VERSION } from './version.ts';

/** A piece as a file carries it: a brief under a name, and the line as the teacher typed it, if it is one. */
export const Piece = Type.Object(
  {
    format: Type.Literal(PIECE_FORMAT),
    version: Type.Literal(PIECE_VERSION),
    name: Type.String({ maxLength: 120 }),
    brief: Brief,
    lineText: Type.Optional(Type.String({ maxLength: 400_000, description: 'The line as typed, with its mistakes.' })),
    tags: Type.Optional(Type.Array(Type.String({ minLength: 1, maxLength: 40 }), { maxItems: 12, description: 'Words to find it by.' })),
  },
  { additionalProperties: false, $id: 'piece', title: 'Piece' },
);

/** A piece as a file carries it. */
export type Piece = Static<typeof Piece>;

const Name = Type.String({ maxLength: 80 });

/** An instrument of the studio, as measured. */
export const InstrumentSheet = Type.Object(
  { format: Type.Literal(INSTRUMENT_FORMAT), version: Type.Literal(INSTRUMENT_VERSION), name: Name, instrument: InstrumentSpec },
  { additionalProperties: false, $id: 'instrument', title: 'Instrument' },
);

/** An instrument of the studio, as measured. */
export type InstrumentSheet = Static<typeof InstrumentSheet>;

/** A player of the studio: hand, school, what is known and what for. */
export const PlayerSheet = Type.Object(
  { format: Type.Literal(PLAYER_FORMAT), version: Type.Literal(PLAYER_VERSION), name: Name, profile: PlayerProfile },
  { additionalProperties: false, $id: 'player', title: 'Player' },
);

/** A player of the studio: hand, school, what is known and what for. */
export type PlayerSheet = Static<typeof PlayerSheet>;
