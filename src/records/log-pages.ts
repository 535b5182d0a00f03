import { DOCUMENT_KINDS, withHead } from '#core/documents';
import { DAYS_A_WEEK, dayNumber, dayOfNumber } from '#core/calendar';
import { inOrder, LAST_MOMENT, type LogEntry, type LogWhat } from '#core/practice/log';
import type { Logged, LogRecord } from './record.ts';
import { fresh } from './new-records.ts';
import { newId } from './this-tab.ts';

/** Makes an entry at a moment, ms since 1970, which comes after everything up to a place in the order of entries. */
export function newEntry(what: LogWhat, at = Date.now(), after = -Infinity): LogEntry {
  return { ...what, id: newId(), at, ...(at > after ? {} : { order: Math.min(after + 1, LAST_MOMENT) }) };
}

/**
 * Puts some entries on a page of their own, to be added to what is there: a page is identified by the player and the day, wherever it is
 * written, and entries that carry a file lie on a page by themselves.
 */
export function pageOf({ playerId, name }: Logged, day: string, entries: readonly LogEntry[]): LogRecord {
  const page = { ...fresh(false), document: withHead(DOCUMENT_KINDS.log, { name, day, entries: [...entries] }), playerId };
  return { ...page, id: pageIdOf(page) };
}

/** Gives the id of a further page of a day, by its number from 2: a day may have more entries than one page holds. */
export function nextPageId(pageId: string, number: number): string {
  return `${pageId}-${number}`;
}

/** Gives the id of the first page of its day, or of the page of a file. */
export function pageIdOf({ playerId, document: { day, entries } }: Pick<LogRecord, 'playerId' | 'document'>): string {
  const file = entries.find(({ kind }) => kind === 'file');
  return [file ? 'file' : 'log', playerId ?? 'nobody', day, ...(file ? [file.id] : [])].join('-');
}

/** Swedish writes days as ISO 8601 does, and is in every browser: a library with its languages would come with the first page. */
const DAY_FORMAT = new Intl.DateTimeFormat('sv-SE');

/** Gives the day of a moment (ms since 1970) in local time, as logs name it: "2026-03-09". */
export function dayOf(at: number): string {
  return DAY_FORMAT.format(at);
}

/** Lists all entries of some pages, in order. */
export function entriesOf(pages: readonly Pick<LogRecord, 'document'>[]): readonly LogEntry[] {
  const all = pages.flatMap(({ document }) => document.entries);
  return inOrder([...new Map(all.map((entry) => [entry.id, entry])).values()]);
}

/** A day of a log with its entries. */
export interface LogPage {
  readonly day: string;
  readonly entries: readonly LogEntry[];
}

/**
 * Makes a function that names the day under which an entry of some pages is logged: that of the clock where it was played, whatever the
 * time zone here and now. An entry of no page has the day that its moment has here.
 */
export function dayLogged(pages: readonly LogPage[]): (entry: LogEntry) => string {
  const days = new Map(pages.flatMap(({ day, entries }) => entries.map(({ id }) => [id, day] as const)));
  return ({ id, at }) => days.get(id) ?? dayOf(at);
}

/** The number of weeks for which the record counts: a weakness before that need not be one now. */
export const WEEKS_COUNTED = 8;

/** Gives the day a number of weeks before the day of a moment (ms since 1970). */
export function dayWeeksBefore(at: number, weeks: number): string {
  return dayOfNumber(dayNumber(dayOf(at)) - DAYS_A_WEEK * weeks);
}
