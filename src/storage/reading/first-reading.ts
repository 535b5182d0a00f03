import { DATABASE_NAME, type FactRecord, isOfThisVersion, tablesVersion } from '../database/index.ts';
import type { InstrumentRecord, PieceRecord, PlayerRecord, SchoolRecord } from '../../records/record.ts';
import { withOpened } from './open-ids.ts';
import { keysOf } from '../beside/index.ts';

/** The data that the bench draws first: a piece as the browser keeps it, the pieces open beside it, and the studio to choose from. */
export interface FirstReading {
  readonly piece: PieceRecord;
  readonly open: readonly PieceRecord[];
  readonly instruments: readonly InstrumentRecord[];
  readonly players: readonly PlayerRecord[];
  readonly schools: readonly SchoolRecord[];
}

/** The factor by which Dexie multiplies our version for the browser. */
const DEXIE_FACTOR = 10;

/**
 * Reads the data that the bench draws first straight from the browser, so that Dexie can be loaded later: the piece with this id, or the
 * one that was changed last. The piece is open from then on. Gives "empty" where nothing was ever kept, and null where reading is not
 * enough: something was left unwritten, the tables are of another version, a demo is still to be put in, the piece is missing or does not
 * read, or the browser does not answer.
 */
export async function readFirst(id: string | null, demo: boolean): Promise<FirstReading | 'empty' | null> {
  if (keysOf('').length > 0) return null;
  const database = await openDatabase();
  if (database === null || database === 'empty') return database;
  try {
    return database.version === tablesVersion() * DEXIE_FACTOR ? await readIn(database, id, demo) : null;
  } catch {
    return null;
  } finally {
    database.close();
  }
}

/** Opens the database as it is; it is not made where there is none. */
async function openDatabase(): Promise<IDBDatabase | 'empty' | null> {
  return await new Promise((resolve) => {
    try {
      const opening = indexedDB.open(DATABASE_NAME);
      let isNew = false;
      opening.onupgradeneeded = () => {
        isNew = true;
        opening.transaction?.abort();
      };
      opening.onsuccess = () => resolve(opening.result);
      opening.onerror = () => resolve(isNew ? 'empty' : null);
    } catch {
      resolve(null);
    }
  });
}

async function readIn(database: IDBDatabase, id: string | null, demo: boolean): Promise<FirstReading | null> {
  const reading = database.transaction(['pieces', 'facts', 'instruments', 'players', 'schools']);
  const pieces = reading.objectStore('pieces');
  const fact = (key: FactRecord['key']): Promise<FactRecord | undefined> => resultOf(reading.objectStore('facts').get(key));
  const [seeded, open, asked, instruments, players, schools] = await Promise.all([
    fact('demo-seeded'),
    fact('open-pieces'),
    id === null ? newest(pieces) : resultOf<PieceRecord | undefined>(pieces.get(id)),
    resultOf<InstrumentRecord[]>(reading.objectStore('instruments').getAll()),
    resultOf<PlayerRecord[]>(reading.objectStore('players').getAll()),
    resultOf<SchoolRecord[]>(reading.objectStore('schools').getAll()),
  ]);
  if ((demo && !seeded) || !asked || !isOfThisVersion(asked)) return null;
  const known = open?.key === 'open-pieces' ? open.value : [];
  const ids = withOpened(known, asked.id);
  const beside = await Promise.all(ids.map((id) => resultOf<PieceRecord | undefined>(pieces.get(id))));
  if (ids !== known) noteOpen(database, ids);
  return { piece: asked, open: beside.filter((record) => record !== undefined), instruments, players, schools };
}

/** Notes which pieces are open; closing the database waits for it. A browser that cannot write says so with the first change. */
function noteOpen(database: IDBDatabase, ids: readonly string[]): void {
  const fact: FactRecord = { key: 'open-pieces', value: ids };
  database.transaction('facts', 'readwrite').objectStore('facts').put(fact);
}

/** Finds the piece that was changed last. */
async function newest(pieces: IDBObjectStore): Promise<PieceRecord | undefined> {
  const cursor = await resultOf<IDBCursorWithValue | null>(pieces.index('updatedAt').openCursor(null, 'prev'));
  return cursor?.value;
}

function resultOf<Value>(request: IDBRequest<Value>): Promise<Value> {
  return new Promise((resolve, reject) => {
    request.onsuccess = () => resolve(request.result);
    request.onerror = () => reject(new Error('The browser’s database cannot be read'));
  });
}
