import type { LogEntry } from '#core/practice/log';
import type { LogRecord, RecordOf } from '../../records/record.ts';
import type { DocumentName } from '#core/documents';
import { nextPageId } from '../../records/log-pages.ts';
import { database } from '../database/index.ts';
import { fitToPage, isLog, isLogRecord, withEntriesThere } from '../joining/index.ts';
import { isDocumentOfNewer, readOrSetAside } from '../reading/index.ts';

/**
 * Reads the stored record. A page of a log is checked before entries are added to it: one that does not read is set aside, not written with
 * the new ones.
 */
export async function storedToJoin<Name extends DocumentName>(name: Name, id: string): Promise<RecordOf<Name> | undefined> {
  const there = await database.tableOf(name).get(id);
  if (!there || !isLog(there) || isDocumentOfNewer(name, there.document)) return there;
  return (await readOrSetAside(name, there)) ?? undefined;
}

/** The error of a record that a newer version of the application has written. */
class WrittenByNewer extends Error {
  override readonly name = 'WrittenByNewer';
}

/**
 * Reads the stored record in whose place another is to be written.
 *
 * @throws where a newer version of the application has written it: it stays as it is
 */
export async function storedToWriteOver<Name extends DocumentName>(name: Name, id: string): Promise<RecordOf<Name> | undefined> {
  const there = await storedToJoin(name, id);
  if (there && isDocumentOfNewer(name, there.document)) throw new WrittenByNewer(`${name}/${id}`);
  return there;
}

/** Gives all pages of the day of a page, the first included; more than one where the day has more entries than a page holds. */
export async function pagesOfDay(firstId: string): Promise<readonly LogRecord[]> {
  const pages: LogRecord[] = [];
  for (let number = 1; ; number += 1) {
    const page = await database.logs.get(number === 1 ? firstId : nextPageId(firstId, number));
    if (page) pages.push(page);
    else if (number > 1) return pages;
  }
}

/**
 * Puts a record in place of the stored one, within the transaction under way. A page of a log that has become too long is cut: what does
 * not fit goes to the next page of its day, and to another after that.
 */
export async function putWhole<Name extends DocumentName>(
  name: Name,
  record: RecordOf<Name>,
  there: RecordOf<Name> | undefined,
): Promise<void> {
  if (!isLogRecord(record)) return void (await database.tableOf(name).put(record));
  const { page, rest } = fitToPage(record, there && isLogRecord(there) ? there : undefined);
  await database.logs.put(page);
  await putOnNextPages(page, rest);
}

async function putOnNextPages(first: LogRecord, entries: readonly LogEntry[]): Promise<void> {
  let rest = entries;
  for (let number = 2; rest.length > 0; number += 1) {
    const id = nextPageId(first.id, number);
    const there = await database.logs.get(id);
    const next = { ...first, id, document: { ...first.document, entries: [...rest] }, revision: (there?.revision ?? 0) + 1 };
    const fitted = fitToPage(withEntriesThere<'log'>(next, there), there);
    await database.logs.put(fitted.page);
    rest = fitted.rest;
  }
}
