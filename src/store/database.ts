import Dexie, { type EntityTable } from 'dexie';
import type { Piece } from '#core/format';

/** A piece as the browser keeps it. */
export interface PieceRecord {
  readonly id: string;
  readonly piece: Piece;
  /** Milliseconds since 1970. */
  readonly createdAt: number;
  readonly updatedAt: number;
  /** It came with the demo data. */
  readonly demo: boolean;
}

/** A record that did not pass its check when read: kept as it was, and reported. */
export interface SetAsideRecord {
  readonly id: string;
  readonly record: unknown;
  readonly reason: string;
  readonly at: number;
}

/** A small fact the application remembers. */
export interface FactRecord {
  readonly key: 'demo-seeded';
  readonly value: boolean;
}

/** Version of the tables. A later one adds `version(n + 1).stores(…).upgrade(…)`; documents inside have versions of their own. */
const TABLES_VERSION = 1;

/** The browser's database. Reach it through the functions of this folder, which check what goes in and comes out. */
export class DovePathDatabase extends Dexie {
  readonly pieces!: EntityTable<PieceRecord, 'id'>;
  readonly setAside!: EntityTable<SetAsideRecord, 'id'>;
  readonly facts!: EntityTable<FactRecord, 'key'>;

  constructor() {
    super('dove-path');
    this.version(TABLES_VERSION).stores({ pieces: 'id, updatedAt', setAside: 'id', facts: 'key' });
  }
}

/** The page's database. */
export const database = new DovePathDatabase();
