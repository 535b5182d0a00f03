import { DOCUMENT_NAMES, type DocumentName } from '#core/documents';
import { inflate } from '../../files/index.ts';
import { DAYS_KEPT } from '../../words/kept/deleted.ts';
import { database, together } from '../database/index.ts';
import { isFields, readRecord } from '../reading/index.ts';
import { bringBackDeletion } from './bring-back.ts';
import type { DeletedWhat, Deletion, Named, OfKind } from './deletion.ts';

const DAY_MS = 24 * 60 * 60 * 1000;

/** The largest number of deletions that are kept: the oldest make room. */
const MOST_KEPT = 200;

/** The largest deletion that is read again, bytes. */
const MOST_BYTES = 400_000_000;

/** Something deleted that can be brought back. */
export interface DeletedThing extends DeletedWhat {
  /** The number under which its copy is kept. */
  readonly number: number;
  /** The moment it was deleted, ms since 1970. */
  readonly at: number;
  /** The number of records that went with it, itself included. */
  readonly count: number;
}

/** Lists the deletions that can be brought back, the newest first. */
export async function listDeleted(): Promise<readonly DeletedThing[]> {
  const all = await database.deleted.toArray();
  return all.flatMap(({ number, at, kind, name, count }) => (number === undefined ? [] : [{ number, at, kind, name, count }])).toReversed();
}

/** Brings back a deletion by its number; false where it is gone. Its copy stays where something in it does not read here. */
export async function bringBackDeleted(number: number): Promise<boolean> {
  const deletion = await readDeletion(number);
  if (deletion === null) return false;
  await bringBackDeletion(deletion, deletion.isWhole ? number : undefined);
  return true;
}

/** Deletes a deletion for good, with the earlier versions of all that was in it, unless something of it is here again. */
export async function deleteForGood(number: number): Promise<void> {
  // A copy that is damaged goes as well.
  const deletion = await readDeletion(number).catch(() => null);
  const names: string[] = [];
  for (const { kind, record } of deletion?.records ?? [])
    if (!(await database.tableOf(kind).get(record.id))) names.push(`${kind}/${record.id}`);
  await together(async () => {
    await database.versions.where('of').anyOf(names).delete();
    await database.deleted.delete(number);
  });
}

/** Deletes for good whatever has been kept for long enough. */
export async function forgetOld(now: number): Promise<void> {
  const all = await listDeleted();
  for (const [order, { number, at }] of all.entries()) if (order >= MOST_KEPT || now - at > DAYS_KEPT * DAY_MS) await deleteForGood(number);
}

/** A deletion as it was read: not whole where a record in it does not read, as one of a newer version. */
interface ReadDeletion extends Deletion {
  readonly isWhole: boolean;
}

/** Reads a deletion; a record in it that does not read costs only itself. Null where there is none. */
async function readDeletion(number: number): Promise<ReadDeletion | null> {
  const stored = await database.deleted.get(number);
  if (!stored) return null;
  const value: Partial<Deletion> = JSON.parse(await inflate(stored.packed, MOST_BYTES));
  const parts = await Promise.all((value.records ?? []).map(readOfKind));
  const records = parts.filter((part) => part !== null);
  const isWhole = records.length === parts.length;
  return { records, ties: value.ties ?? [], instead: (value.instead ?? []).filter(isNamed), isWhole };
}

async function readOfKind({ kind, record }: OfKind): Promise<OfKind | null> {
  const name = DOCUMENT_NAMES.find((known) => known === kind);
  return name === undefined || !isFields(record) ? null : await readAs(name, record);
}

async function readAs<Name extends DocumentName>(kind: Name, record: object): Promise<OfKind<Name> | null> {
  const reading = await readRecord(kind, record);
  return reading.ok ? { kind, record: reading.value } : null;
}

function isNamed({ kind }: Named): boolean {
  return DOCUMENT_NAMES.includes(kind);
}
