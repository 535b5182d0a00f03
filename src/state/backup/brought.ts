import { dequal } from 'dequal';
import { DOCUMENT_NAMES, type DocumentName } from '#core/documents';
import { documentIssue } from '#core/messages';
import { badReading, goodReading, type Reading } from '#core/result';
import { notBroughtText, newerDaysText } from '../../words/kept/backup.ts';
import { storageFailureText } from '../../words/kept/storage-failures.ts';
import { pieceTitle } from '../../words/piece/pieces.ts';
import { database, together } from '../../storage/database/index.ts';
import { LINKS, type Logged, type LogRecord, type RecordOf } from '../../records/record.ts';
import { type Along, goOn } from './along.ts';
import { pageIdOf } from '../../records/log-pages.ts';
import { isDocumentOfNewer, isFields, readRecord } from '../../storage/reading/index.ts';
import { checkPages, isDiskFull, keepVersion, mergeChecked, pagesOfDay, piecesFollow } from '../../storage/writing/index.ts';
import { isLogRecord } from '../../storage/joining/index.ts';

/** The relation of a file's record to the one here: `older` was written more often here. */
export type Standing = 'new' | 'changed' | 'older' | 'same';

/** One record of a file, and its relation to the one here. */
export interface Brought<Name extends DocumentName = DocumentName> {
  readonly kind: Name;
  readonly name: string;
  /** The moment of its last change in the file; ms since 1970. */
  readonly updatedAt: number;
  readonly standing: Standing;
  /** Does what comes before it is written: keeps the record here as an earlier version, or checks the pages that entries are added to. */
  readonly prepare: (idsHere: ReadonlyMap<string, string>) => Promise<void>;
  /**
   * Writes it into the database, in place of the one here, with the links of the file changed to the ids here; resolves to why it was left
   * out, in words, or null.
   */
  readonly write: (idsHere: ReadonlyMap<string, string>) => Promise<string | null>;
  /** The id in the file, and that of the same thing here. */
  readonly ids: readonly [inFile: string, here: string];
}

/** A function that gives the ids of the records of a kind that are here under a name. */
export type HereByName = (kind: DocumentName, name: string) => Promise<readonly string[]>;

/** Makes such a function for the reading of one file. A kind is read once, when it is first asked for: not again for each part. */
export function hereByName(): HereByName {
  const kinds = new Map<DocumentName, Promise<ReadonlyMap<string, readonly string[]>>>();
  return async (kind, name) => {
    const ids = kinds.get(kind) ?? idsByName(kind);
    kinds.set(kind, ids);
    return (await ids).get(name) ?? [];
  };
}

async function idsByName(kind: DocumentName): Promise<ReadonlyMap<string, readonly string[]>> {
  const ids = new Map<string, string[]>();
  for (const { id, document } of await database.tableOf(kind).toArray()) ids.set(document.name, [...(ids.get(document.name) ?? []), id]);
  return ids;
}

/**
 * Reads a part of a file, and finds its relation to what is here: by its id, or where that is not there by its content, as with the demo of
 * another browser; with null for `here` by its id alone. Writes nothing.
 */
export async function readPart(part: unknown, here: HereByName | null): Promise<Reading<Brought>> {
  const kind = isFields(part) ? DOCUMENT_NAMES.find((name) => name === part['kind']) : undefined;
  const record = isFields(part) ? part['record'] : undefined;
  if (kind === undefined && isFields(part) && typeof part['kind'] === 'string' && isFields(record))
    return badReading(documentIssue('newer-kind', { kind: part['kind'] }, { pointer: '' }));
  if (kind === undefined || !isFields(record) || typeof record['id'] !== 'string')
    return badReading(documentIssue('damaged', { kind: 'studio', what: 'a part is not one' }, { pointer: '' }));
  return await readOfKind(kind, record, here);
}

/** The result of bringing in a file. */
export interface BroughtOutcome {
  /** The number of records that came in. */
  readonly count: number;
  /** Why others did not, in words. */
  readonly leftOut: readonly string[];
}

/**
 * Brings in the chosen records of a file: studio records first, so that the pieces find them. A record that cannot be written is left out,
 * and costs only itself; where the disk is full, or it is stopped, none comes in. In one transaction it takes moments: after every single
 * write, everything that follows the storage would read again before the next.
 */
export async function bringIn(wanted: readonly Brought[], all: readonly Brought[], along: Along = {}): Promise<BroughtOutcome> {
  const idsHere = new Map(all.map(({ ids }) => ids));
  const piecesLast = wanted.toSorted((one, other) => Number(one.kind === 'piece') - Number(other.kind === 'piece'));
  for (const [order, brought] of piecesLast.entries()) {
    await brought.prepare(idsHere);
    await goOn(order + 1, piecesLast.length, along);
  }
  const leftOut: string[] = [];
  await together(async () => {
    for (const brought of piecesLast) {
      along.signal?.throwIfAborted();
      const why = await brought.write(idsHere).catch((error: unknown) => whyLeftOut(brought, error));
      if (why !== null) leftOut.push(why);
    }
  });
  return { count: piecesLast.length - leftOut.length, leftOut };
}

/**
 * Says why one record could not be written.
 *
 * @throws where the disk is full: nothing at all can be written then
 */
function whyLeftOut({ kind, name }: Brought, error: unknown): string {
  if (!(error instanceof Error) || isDiskFull(error)) throw error;
  return notBroughtText(kind, name, error.message);
}

async function readOfKind<Name extends DocumentName>(kind: Name, value: object, here: HereByName | null): Promise<Reading<Brought>> {
  const reading = await readRecord(kind, value);
  if (!reading.ok) return reading;
  const { value: record } = reading;
  const id = isLogRecord(record) ? pageIdOf(record) : record.id;
  const there = (await database.tableOf(kind).get(id)) ?? (here === null ? undefined : await alike(kind, record, here));
  return goodReading({
    kind,
    name: 'brief' in record.document ? pieceTitle(record.document) : record.document.name,
    updatedAt: record.updatedAt,
    standing: isLogRecord(record) ? await standingOfPage(record, id) : standingOf(record, there),
    prepare: async (idsHere) => {
      // Entries of a log are only ever added.
      if (isLogRecord(record)) await checkPages(whoseHere(record, idsHere), [record.document]);
      else if (there) await keepVersion(kind, there, 'changed elsewhere too');
    },
    write: async (idsHere) => (isLogRecord(record) ? await writePage(record, idsHere) : await writeBrought(kind, record, there, idsHere)),
    ids: [record.id, there?.id ?? record.id],
  });
}

/** Finds the same document under another id, as in the demo of another browser: it is not brought twice. */
async function alike<Name extends DocumentName>(
  kind: Name,
  { document }: RecordOf<Name>,
  here: HereByName,
): Promise<RecordOf<Name> | undefined> {
  const named = await database.tableOf(kind).bulkGet([...(await here(kind, document.name))]);
  return named.find((other) => dequal(other?.document, document));
}

function standingOf(record: RecordOf<DocumentName>, there: RecordOf<DocumentName> | undefined): Standing {
  if (!there) return 'new';
  if (dequal(record.document, there.document)) return 'same';
  return record.revision >= there.revision ? 'changed' : 'older';
}

/** Entries are only ever added: a page brings those that are not on the pages of its day here, whichever of them was written last. */
async function standingOfPage({ document }: LogRecord, firstId: string): Promise<Standing> {
  const pages = await pagesOfDay(firstId);
  const ids = new Set(pages.flatMap((page) => page.document.entries.map(({ id }) => id)));
  if (document.entries.every(({ id }) => ids.has(id))) return 'same';
  return pages.length === 0 ? 'new' : 'changed';
}

async function writeBrought<Name extends DocumentName>(
  kind: Name,
  record: RecordOf<Name>,
  there: RecordOf<Name> | undefined,
  idsHere: ReadonlyMap<string, string>,
): Promise<string | null> {
  if (there && isDocumentOfNewer(kind, there.document))
    return notBroughtText(kind, record.document.name, storageFailureText('WrittenByNewer'));
  const links = Object.fromEntries(LINKS.flatMap((link) => linkHere(record, link, idsHere)));
  const next = Object.assign(
    { ...record, id: there?.id ?? record.id, revision: Math.max(there?.revision ?? 0, record.revision) + 1, writtenBy: null },
    links,
  );
  await database.tableOf(kind).put(next);
  await piecesFollow(kind, next, there ?? null);
  return null;
}

/** Adds a page of a log to the log of that player here. */
async function writePage(page: LogRecord, idsHere: ReadonlyMap<string, string>): Promise<string | null> {
  const { left } = await mergeChecked(whoseHere(page, idsHere), [page.document], page.demo);
  return left.length === 0 ? null : newerDaysText(left);
}

/** Gives the owner of a page of the file, by the id here. */
function whoseHere({ playerId, document: { name } }: LogRecord, idsHere: ReadonlyMap<string, string>): Logged {
  return { playerId: playerId === null ? null : (idsHere.get(playerId) ?? playerId), name };
}

function linkHere(record: object, link: (typeof LINKS)[number], idsHere: ReadonlyMap<string, string>): readonly [string, string][] {
  const fields: Readonly<Record<string, unknown>> = { ...record };
  const id = fields[link];
  return typeof id === 'string' ? [[link, idsHere.get(id) ?? id]] : [];
}
