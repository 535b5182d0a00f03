import Dexie, { type EntityTable } from 'dexie';
import type { InstrumentSheet, Piece, PlayerSheet } from '#core/format';
import type { Brief } from '#core/plan';

/** What every record of the browser has. */
interface Kept {
  readonly id: string;
  /** Milliseconds since 1970. */
  readonly createdAt: number;
  readonly updatedAt: number;
  /** It came with the demo data. */
  readonly demo: boolean;
}

/** The instrument and the player of the studio that a piece uses; null for one that is only described in its brief. */
export interface Uses {
  readonly instrumentId: string | null;
  readonly playerId: string | null;
}

/** A piece whose instrument or player was changed since the teacher last looked: its brief before. */
export interface ChangedSince {
  readonly before: Brief;
}

/** A piece as the browser keeps it. Its brief holds what it uses; the links say where later changes come from. */
export interface PieceRecord extends Kept, Uses {
  readonly piece: Piece;
  readonly changed: ChangedSince | null;
}

/** An instrument of the studio. */
export interface InstrumentRecord extends Kept {
  readonly sheet: InstrumentSheet;
}

/** A player of the studio, and the instrument this player has. */
export interface PlayerRecord extends Kept {
  readonly sheet: PlayerSheet;
  readonly instrumentId: string | null;
}

/** A record that did not pass its check when read: kept as it was, and reported. */
export interface SetAsideRecord {
  readonly id: string;
  readonly record: unknown;
  readonly reason: string;
  readonly at: number;
}

/** A small fact the application remembers. */
export type FactRecord =
  | { readonly key: 'demo-seeded'; readonly value: boolean }
  /** The pieces that stand open in the row of the bench, by id, as they were opened. */
  | { readonly key: 'open-pieces'; readonly value: readonly string[] };

/** What a piece of the first tables did not have. */
const UNLINKED: Uses & Pick<PieceRecord, 'changed'> = { instrumentId: null, playerId: null, changed: null };

/** The browser's database. Reach it through the functions of this folder, which check what goes in and comes out. */
export class DovePathDatabase extends Dexie {
  readonly pieces!: EntityTable<PieceRecord, 'id'>;
  readonly instruments!: EntityTable<InstrumentRecord, 'id'>;
  readonly players!: EntityTable<PlayerRecord, 'id'>;
  readonly setAside!: EntityTable<SetAsideRecord, 'id'>;
  readonly facts!: EntityTable<FactRecord, 'key'>;

  constructor() {
    super('dove-path');
    // A later version adds its tables and an upgrade; documents inside the records have versions of their own.
    this.version(1).stores({ pieces: 'id, updatedAt', setAside: 'id', facts: 'key' });
    this.version(2)
      .stores({ instruments: 'id, updatedAt', players: 'id, updatedAt' })
      .upgrade((transaction) => transaction.table('pieces').toCollection().modify(UNLINKED));
  }
}

/** The page's database. */
export const database = new DovePathDatabase();
