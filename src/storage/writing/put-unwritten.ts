import { dequal } from 'dequal';
import { DOCUMENT_KINDS, DOCUMENT_NAMES, type DocumentName } from '#core/documents';
import { issuesText, type Issue } from '#core/messages';
import { database, type EarlierRecord, together, underOneName } from '../database/index.ts';
import type { RecordOf } from '../../records/record.ts';
import { piecesFollow } from './follow.ts';
import { putWhole, storedToWriteOver } from './log-pages.ts';
import { holdingToo, isHeld, isLog, joinRecord, withEntriesThere } from '../joining/index.ts';
import { type Fields, isFields, isOfNewer, readRecord } from '../reading/index.ts';
import { keysOf, textBeside } from '../beside/index.ts';
import { newId } from '../../records/this-tab.ts';
import { keepVersion } from './versions.ts';
import { withUnknownOf } from './with-unknown.ts';

/**
 * Writes a record that was left as text. Where another page has written meanwhile, both are joined, and the part of them that does not
 * count is kept as a version; text that does not read is set aside. False where it has to stay, for a newer version.
 */
export async function putUnwritten(text: string): Promise<boolean> {
  const left = parseText(text);
  if (!isFields(left) || typeof left['id'] !== 'string') return true;
  const { document } = moveToOneName(left);
  const name = DOCUMENT_NAMES.find((name) => isFields(document) && document['format'] === DOCUMENT_KINDS[name].format);
  return name === undefined || (await putRecord(name, left));
}

/**
 * Gives what was left of a record and could not be written yet, of several pages the one that began with the latest revision; null where
 * nothing of it reads.
 */
export async function recordLeft<Name extends DocumentName>(name: Name, id: string): Promise<RecordOf<Name> | null> {
  const left = await Promise.all(keysOf(id).map((key) => readLeft(name, textBeside(key) ?? '')));
  return left.reduce<RecordOf<Name> | null>(
    (newest, record) => (record && record.revision >= (newest?.revision ?? 0) ? record : newest),
    null,
  );
}

async function readLeft<Name extends DocumentName>(name: Name, text: string): Promise<RecordOf<Name> | null> {
  const left = parseText(text);
  const reading = isFields(left) ? await readRecord(name, left) : null;
  return reading?.ok === true ? reading.value : null;
}

/** The page that left it may have been of an earlier version. */
function moveToOneName(left: object): EarlierRecord {
  const moved: EarlierRecord = { ...left };
  underOneName(moved);
  return moved;
}

async function putRecord<Name extends DocumentName>(name: Name, left: Fields): Promise<boolean> {
  const reading = await readRecord(name, left);
  if (!reading.ok) return await setAsideLeft(name, left, reading.issues);
  const began = await beginningOf(name, left);
  const record = await withUnknownOf(name, reading.value, began?.base);
  // The page that left it may still be writing: a write meanwhile repeats this round.
  while (!(await isPut(name, record, { began, change: typeof left['change'] === 'number' ? left['change'] : null }))) continue;
  return true;
}

/** The state from which the page began that left a record, and the number of the change among its changes. */
interface Left<Name extends DocumentName> {
  readonly began: Began<Name> | null;
  /** The number of the change; null where none was counted. */
  readonly change: number | null;
}

/**
 * Writes a record that was left, or sees that there is nothing to write; false where the stored one was changed meanwhile.
 *
 * @throws where a newer version has written the stored one: what was left stays for that version
 */
async function isPut<Name extends DocumentName>(name: Name, read: RecordOf<Name>, { began, change }: Left<Name>): Promise<boolean> {
  const there = await storedToWriteOver(name, read.id);
  if (isHeld(there?.holds, read.writtenBy, change)) return true;
  const holds = holdingToo(there?.holds, read.writtenBy, change);
  const record = { ...withEntriesThere(read, there), ...(holds ? { holds } : {}) };
  if (there === undefined || isLog(record)) return await putRecordInPlace(name, record, there);
  return dequal(there.document, record.document) || (await putBeside(name, record, { there, began }));
}

/** A record that was left, and another one that is stored. */
interface Met<Name extends DocumentName> {
  readonly there: RecordOf<Name>;
  readonly began: Began<Name> | null;
}

/** The state from which a page that left something began. */
interface Began<Name extends DocumentName> {
  /** The record as that page had read it; null where that page had made it. */
  readonly base: RecordOf<Name> | null;
  /** The changes it had sent to the database since. */
  readonly sent: readonly RecordOf<Name>[];
}

/**
 * Writes a record that was left where another record is stored; false where that was changed meanwhile. It goes by the revisions, never by
 * the clock: the stored record is the one the page began with or had sent itself, and is replaced; or something was written since, and both
 * are joined. Where both changed the same, the page's own later write counts, but not another page's: the left record is written after it.
 * The part that does not count is kept as a version.
 */
async function putBeside<Name extends DocumentName>(name: Name, record: RecordOf<Name>, { there, began }: Met<Name>): Promise<boolean> {
  const isOwn = began !== null && isOfSamePage(there, record);
  if (began && follows(there, began, isOwn)) {
    await keepVersion(name, there, 'written over');
    return await putRecordInPlace(name, record, there);
  }
  const both = began && (await joinRecord(name, { bases: basesOf(began), here: record, there, counts: isOwn ? 'there' : 'here' }));
  await keepVersion(name, isOwn ? record : there, 'changed elsewhere too');
  if (both === null && isOwn) return true;
  return await putRecordInPlace(name, ofNobody(both ?? record, record), there);
}

/**
 * Gives a joined record, which belongs to nobody alone: any page that has the piece open must look at it before writing again. It holds the
 * changes that the record left behind had.
 */
function ofNobody<Name extends DocumentName>(joined: RecordOf<Name>, { holds }: RecordOf<Name>): RecordOf<Name> {
  return Object.assign({}, joined, { writtenBy: null }, holds && { holds });
}

/** Tells whether two records were written by one page. */
function isOfSamePage(one: RecordOf<DocumentName>, other: RecordOf<DocumentName>): boolean {
  return one.writtenBy !== null && one.writtenBy === other.writtenBy;
}

/** Lists the record a page began with, and those it sent since. */
function basesOf<Name extends DocumentName>({ base, sent }: Began<Name>): readonly RecordOf<Name>[] {
  return base ? [base, ...sent] : sent;
}

/** Tells whether the stored record is the one a page began with, or had sent itself. */
function follows<Name extends DocumentName>(there: RecordOf<Name>, { base, sent }: Began<Name>, isOwn: boolean): boolean {
  return base?.revision === there.revision || (isOwn && sent.some(({ document }) => dequal(document, there.document)));
}

/** Gives the record with which the page that left something began; null where that is not known. */
async function beginningOf<Name extends DocumentName>(name: Name, { base, sent }: Fields): Promise<Began<Name> | null> {
  if (base === undefined) return null;
  const all: readonly unknown[] = [...(base === null ? [] : [base]), ...(Array.isArray(sent) ? sent : [])];
  const readings = await Promise.all(all.map(async (value) => (isFields(value) ? await readRecord(name, value) : null)));
  const records = readings.flatMap((reading) => (reading?.ok === true ? [reading.value] : []));
  if (records.length < all.length) return null;
  const [first = null, ...others] = records;
  return base === null ? { base, sent: records } : { base: first, sent: others };
}

/** Writes a record in place of the stored one; false, and nothing written, where that has changed. */
async function putRecordInPlace<Name extends DocumentName>(
  name: Name,
  record: RecordOf<Name>,
  there: RecordOf<Name> | undefined,
): Promise<boolean> {
  const next = { ...record, revision: Math.max(there?.revision ?? 0, record.revision) + 1 };
  let wrote = false;
  await together(async () => {
    const now = await database.tableOf(name).get(record.id);
    if (now?.revision !== there?.revision) return;
    await putWhole(name, next, there);
    await piecesFollow(name, next, there ?? null);
    wrote = true;
  });
  return wrote;
}

/** Keeps it as found, under an id of its own: the record it is of may be there and sound. */
async function setAsideLeft(name: DocumentName, record: object, issues: readonly Issue[]): Promise<boolean> {
  if (isOfNewer(issues)) return false;
  await database.setAside.put({ id: newId(), name, record, reason: issuesText(issues), at: Date.now() });
  return true;
}

function parseText(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}
