import { dequal } from 'dequal';
import { DOCUMENT_KINDS, DOCUMENT_NAMES, type DocumentName } from '#core/documents';
import { database, type EarlierRecord, underOneName } from '../database.ts';
import { piecesFollow } from './follow.ts';
import { isFields, readRecord } from '../read-record.ts';
import { together } from './together.ts';
import { keepVersion } from './versions.ts';

/**
 * Writes a record that was left as text, if it is a sound one and newer than the one there. Where another page has written
 * meanwhile, the older of the two is kept as a version.
 */
export async function putUnwritten(text: string): Promise<void> {
  const left = parsed(text);
  if (!isFields(left) || typeof left['id'] !== 'string') return;
  const { document } = movedToOneName(left);
  const name = DOCUMENT_NAMES.find((each) => isFields(document) && document['format'] === DOCUMENT_KINDS[each].format);
  if (name) await putRecord(name, left);
}

/** The page that left it may have been of an earlier version. */
function movedToOneName(left: object): EarlierRecord {
  const moved: EarlierRecord = { ...left };
  underOneName(moved);
  return moved;
}

async function putRecord<Name extends DocumentName>(name: Name, left: Readonly<Record<string, unknown>>): Promise<void> {
  const reading = await readRecord(name, left);
  if (!reading.ok) return;
  const { value: record } = reading;
  const table = database.tableOf(name);
  const there = await table.get(record.id);
  if (there && dequal(there.document, record.document)) return;
  const metAnother = there !== undefined && there.revision !== record.revision && there.writtenBy !== record.writtenBy;
  if (there && there.updatedAt >= record.updatedAt) {
    if (metAnother) await keepVersion(name, record, true);
    return;
  }
  if (there) await keepVersion(name, there, metAnother);
  const next = { ...record, revision: Math.max(there?.revision ?? 0, record.revision) + 1 };
  await together(async () => {
    await table.put(next);
    await piecesFollow(name, next, there ?? null);
  });
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}
