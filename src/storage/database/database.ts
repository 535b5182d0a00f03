import Dexie, { type EntityTable, type Table } from 'dexie';
import { DOCUMENT_KINDS, type DocumentName } from '#core/documents';
import type { PieceFacts } from '#core/drill/finder';
import type {
  BookRecord,
  InstrumentRecord,
  LinksOf,
  LogRecord,
  PieceRecord,
  PlayerRecord,
  RecordOf,
  SchoolRecord,
  SessionRecord,
  StagesRecord,
  WeekRecord,
} from '../../records/record.ts';
import { DATABASE_NAME, tablesVersion } from './tables.ts';

/** A record that did not pass its check when read: kept as it was, and reported. */
export interface SetAsideRecord {
  /** The id under which it was stored. */
  readonly id: string;
  /** The kind of the record; a piece where that is not said. */
  readonly name?: DocumentName;
  readonly record: unknown;
  readonly reason: string;
  /** The moment it was set aside, ms since 1970. */
  readonly at: number;
}

/** An earlier version of a record. */
export interface VersionRecord {
  /** The number, given by the database. */
  readonly number?: number;
  /** The kind and id of the record: "piece/abc". */
  readonly of: string;
  /** The moment at which the record was like this, ms since 1970. */
  readonly at: number;
  /** The record as JSON, deflated. */
  readonly packed: Uint8Array<ArrayBuffer>;
  /** Whether another tab, or a page that was left, had this version while it was changed here or a moment before. */
  readonly fromElsewhere: boolean;
}

/** Something that was deleted, with all that went along: a copy, to be brought back. */
export interface DeletedRecord {
  /** The number, given by the database. */
  readonly number?: number;
  /** The moment it was deleted, ms since 1970. */
  readonly at: number;
  readonly kind: DocumentName | 'demo';
  /** The name; empty where it had none. */
  readonly name: string;
  /** The number of records that went. */
  readonly count: number;
  /** All of it as JSON, deflated. */
  readonly packed: Uint8Array<ArrayBuffer>;
}

/** A correction the teacher made: the question of the school it answers and the side it takes. */
export interface CorrectionMade {
  readonly question: string;
  readonly side: string;
  /** The id of the piece. */
  readonly pieceId: string;
  /** The line index. */
  readonly note: number;
  /** Whether it was offered as a rule already, and is not offered again. */
  readonly offered: boolean;
}

/** The facts of a piece, kept so that it is not planned again to be found. They can be made again, so no backup has them. */
export interface PieceFactsRecord {
  /** The id of the piece. */
  readonly id: string;
  /** The state of the piece, and the engine, from which they were made. */
  readonly madeFrom: string;
  readonly facts: PieceFacts;
}

/** A small fact the application remembers. */
export type FactRecord =
  | { readonly key: 'demo-seeded'; readonly value: boolean }
  /** The log and the sessions of the demo were put in. */
  | { readonly key: 'demo-practised'; readonly value: boolean }
  /** The pieces that are open in the row of the bench, by id, in the order in which they were opened. */
  | { readonly key: 'open-pieces'; readonly value: readonly string[] }
  /** The moment the studio was last saved as a file, ms since 1970. */
  | { readonly key: 'backed-up'; readonly value: number }
  /** The moment the reminder of the backup was put off, ms since 1970. */
  | { readonly key: 'backup-put-off'; readonly value: number }
  /** The folder with the newest backup. */
  | { readonly key: 'backup-folder'; readonly value: FileSystemDirectoryHandle }
  /** The teacher's corrections, and those offered as a rule of the school. */
  | { readonly key: 'corrections'; readonly value: readonly CorrectionMade[] };

/** The links that a piece of the first tables did not have. */
const UNLINKED: LinksOf['piece'] = { instrumentId: null, playerId: null, schoolId: null, changed: null };

/** A record as the first two versions of the tables kept it, where each kind had a name of its own for its document; or as it is now. */
export interface EarlierRecord {
  piece?: unknown;
  sheet?: unknown;
  document?: unknown;
}

/** The further keys by which a table is searched: logs by player and day. */
const MORE_KEYS: Readonly<Record<string, string>> = { logs: ', [playerId+document.day]' };

/** The browser's database. Reach it through the functions of this folder, which check everything that goes in and comes out. */
export class DovePathDatabase extends Dexie {
  readonly pieces!: EntityTable<PieceRecord, 'id'>;
  readonly instruments!: EntityTable<InstrumentRecord, 'id'>;
  readonly players!: EntityTable<PlayerRecord, 'id'>;
  readonly schools!: EntityTable<SchoolRecord, 'id'>;
  readonly stages!: EntityTable<StagesRecord, 'id'>;
  readonly sessions!: EntityTable<SessionRecord, 'id'>;
  readonly weeks!: EntityTable<WeekRecord, 'id'>;
  readonly logs!: EntityTable<LogRecord, 'id'>;
  readonly books!: EntityTable<BookRecord, 'id'>;
  readonly pieceFacts!: EntityTable<PieceFactsRecord, 'id'>;
  readonly setAside!: EntityTable<SetAsideRecord, 'id'>;
  readonly facts!: EntityTable<FactRecord, 'key'>;
  readonly versions!: EntityTable<VersionRecord, 'number'>;
  readonly deleted!: EntityTable<DeletedRecord, 'number'>;

  constructor(
    name = DATABASE_NAME,
    private readonly kinds: Readonly<Record<string, { readonly plural: string }>> = DOCUMENT_KINDS,
  ) {
    // A record that is said to be saved is on the disk, not in the memory of the machine.
    super(name, { chromeTransactionDurability: 'strict' });
    // A later version adds its tables and an upgrade; documents inside the records have versions of their own.
    this.version(1).stores({ pieces: 'id, updatedAt', setAside: 'id', facts: 'key' });
    this.version(2)
      .stores({ instruments: 'id, updatedAt', players: 'id, updatedAt' })
      .upgrade((transaction) => transaction.table('pieces').toCollection().modify(UNLINKED));
    const tables = Object.values(kinds).map(({ plural }) => plural);
    this.version(tablesVersion(kinds))
      .stores({
        ...Object.fromEntries(tables.map((table) => [table, `id, updatedAt${MORE_KEYS[table] ?? ''}`])),
        versions: '++number, of, at',
        deleted: '++number, at',
        pieceFacts: 'id',
      })
      .upgrade(async (transaction) => {
        for (const table of ['pieces', 'instruments', 'players']) await transaction.table(table).toCollection().modify(underOneName);
        for (const table of ['pieces', 'players']) await transaction.table(table).toCollection().modify(followsNoSchool);
        for (const table of ['pieces', 'instruments', 'players', 'schools'])
          await transaction.table(table).toCollection().modify(countsItsWrites);
      });
  }

  /** Gives the table of a kind of document. */
  tableOf<Name extends DocumentName>(name: Name): Table<RecordOf<Name>, string> {
    return this.table(this.kinds[name]?.plural ?? name);
  }
}

/** Upgrades a record from before there were schools. */
function followsNoSchool(record: { schoolId?: unknown }): void {
  record.schoolId ??= null;
}

/** Upgrades a record from before two tabs were told apart. */
function countsItsWrites(record: { revision?: unknown; writtenBy?: unknown }): void {
  record.revision ??= 0;
  record.writtenBy ??= null;
}

/** Moves a record's document to its present field; one that has it there stays as it is. */
export function underOneName(record: EarlierRecord): void {
  record.document ??= record.piece ?? record.sheet;
  delete record.piece;
  delete record.sheet;
}

/** The page's database. */
export const database = new DovePathDatabase();
