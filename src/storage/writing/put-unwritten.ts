import { dequal } from 'dequal';
import { DOCUMENT_KINDS, DOCUMENT_NAMES, type DocumentName } from '#core/documents';
import { issuesText, type Issue } from '#core/messages';
import { database, type EarlierRecord, type RecordOf, underOneName } from '../database.ts';
import { piecesFollow } from './follow.ts';
import { joinedRecord } from './join-records.ts';
import { type Fields, isFields, isOfNewer, readRecord } from '../read-record.ts';
import { newId } from '../tab.ts';
import { isLog, withEntriesThere } from './log-entries.ts';
import { together } from './together.ts';
import { keysOf } from './unwritten.ts';
import { keepVersion } from './versions.ts';

/**
 * Writes a record that was left as text, if it is newer than the one there. Where another page has written meanwhile, both
 * are joined, and the older of the two is kept as a version; what does not read is set aside. False where it has to stay, for a newer version.
 */
export async function putUnwritten(text: string): Promise<boolean> {
  const left = parsed(text);
  if (!isFields(left) || typeof left['id'] !== 'string') return true;
  const { document } = movedToOneName(left);
  const name = DOCUMENT_NAMES.find((each) => isFields(document) && document['format'] === DOCUMENT_KINDS[each].format);
  return name === undefined || (await putRecord(name, left));
}

/** What was left of a record and could not be written yet, the newest; null where nothing of it reads. */
export async function leftOf<Name extends DocumentName>(name: Name, id: string): Promise<RecordOf<Name> | null> {
  const left = await Promise.all(keysOf(id).map((key) => readLeft(name, localStorage.getItem(key) ?? '')));
  return left.reduce<RecordOf<Name> | null>((newest, each) => (each && each.updatedAt > (newest?.updatedAt ?? 0) ? each : newest), null);
}

async function readLeft<Name extends DocumentName>(name: Name, text: string): Promise<RecordOf<Name> | null> {
  const left = parsed(text);
  const reading = isFields(left) ? await readRecord(name, left) : null;
  return reading?.ok === true ? reading.value : null;
}

/** The page that left it may have been of an earlier version. */
function movedToOneName(left: object): EarlierRecord {
  const moved: EarlierRecord = { ...left };
  underOneName(moved);
  return moved;
}

async function putRecord<Name extends DocumentName>(name: Name, left: Fields): Promise<boolean> {
  const reading = await readRecord(name, left);
  if (!reading.ok) return await setAsideLeft(name, left, reading.issues);
  const { value: read } = reading;
  const table = database.tableOf(name);
  const there = await table.get(read.id);
  const record = withEntriesThere(read, there);
  if (isLog(record)) {
    await put(name, record, there);
    return true;
  }
  if (there && dequal(there.document, record.document)) return true;
  const metAnother = there !== undefined && there.revision !== record.revision && there.writtenBy !== record.writtenBy;
  if (metAnother && (await putJoined(name, record, { there, bases: await basesOf(name, left) }))) return true;
  if (there && there.updatedAt >= record.updatedAt) {
    if (metAnother) await keepVersion(name, record, 'changed elsewhere too');
    return true;
  }
  if (there) await keepVersion(name, there, metAnother ? 'changed elsewhere too' : 'written over');
  await put(name, record, there);
  return true;
}

/** Writes what was left and what another page wrote meanwhile as one; false where it is not known what both began with. */
async function putJoined<Name extends DocumentName>(
  name: Name,
  left: RecordOf<Name>,
  { there, bases }: { readonly there: RecordOf<Name>; readonly bases: readonly RecordOf<Name>[] },
): Promise<boolean> {
  if (bases.length === 0) return false;
  const leftCounts = left.updatedAt > there.updatedAt;
  const both = await joinedRecord(name, { bases, here: left, there, counts: leftCounts ? 'here' : 'there' });
  if (both === null) return false;
  await keepVersion(name, leftCounts ? there : left, 'changed elsewhere too');
  // It is nobody's alone: whoever has the piece open must look at it before writing again.
  await put(name, Object.assign({}, both, { writtenBy: null }), there);
  return true;
}

/** How the page that left it had read the record, and what it had sent to the database since; none where it is not known. */
async function basesOf<Name extends DocumentName>(name: Name, { base, sent }: Fields): Promise<readonly RecordOf<Name>[]> {
  const all: readonly unknown[] = [base, ...(Array.isArray(sent) ? sent : [])];
  const readings = await Promise.all(all.filter(isFields).map(async (each) => await readRecord(name, each)));
  return isFields(base) && readings.every((reading) => reading.ok) ? readings.map((reading) => reading.value) : [];
}

async function put<Name extends DocumentName>(name: Name, record: RecordOf<Name>, there: RecordOf<Name> | undefined): Promise<void> {
  const next = { ...record, revision: Math.max(there?.revision ?? 0, record.revision) + 1 };
  await together(async () => {
    await database.tableOf(name).put(next);
    await piecesFollow(name, next, there ?? null);
  });
}

/** Kept as found, under an id of its own: the record it is of may be there and sound. */
async function setAsideLeft(name: DocumentName, record: object, issues: readonly Issue[]): Promise<boolean> {
  if (isOfNewer(issues)) return false;
  await database.setAside.put({ id: newId(), name, record, reason: issuesText(issues), at: Date.now() });
  return true;
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}
