import type { LogDocument } from '#core/documents';
import type { LogEntry } from '#core/practice/log';
import { database, together } from '../database/index.ts';
import type { Logged, LogRecord } from '../../records/record.ts';
import { pageOf } from '../../records/log-pages.ts';
import { withEntriesThere } from '../joining/index.ts';
import { isDocumentOfNewer } from '../reading/index.ts';
import { pagesOfDay, putWhole, storedToJoin } from './log-pages.ts';

/** The result of adding entries to a log. */
export interface Merged {
  /** The number of entries that are new here. */
  readonly added: number;
  /** The number of entries that were here already. */
  readonly there: number;
  /** The days that were left out: a newer version of the application has written them here. */
  readonly left: readonly string[];
}

/**
 * Adds the entries of some pages to a player's log here, each once, whatever was brought before and in whatever order. Nothing that is here
 * is written over, and no page of anybody else is touched, wherever the pages stood. With `demo`, new pages go with the demo.
 */
export async function mergePages(whose: Logged, pages: readonly LogDocument[], demo = false): Promise<Merged> {
  await checkPages(whose, pages);
  let merged: Merged = { added: 0, there: 0, left: [] };
  // All pages are written or none: a log of years is written at once, not day by day.
  await together(async () => {
    merged = await mergeChecked(whose, pages, demo);
  });
  return merged;
}

/** Checks the stored pages of some days before entries are added to them: those that do not read are set aside. */
export async function checkPages(whose: Logged, pages: readonly LogDocument[]): Promise<void> {
  const coming = pages.flatMap(({ day, entries }) => pagesOf(whose, day, entries));
  for (const { id } of coming) for (const stored of await pagesOfDay(id)) await storedToJoin('log', stored.id);
}

/** Adds the entries of some pages to a log whose pages were checked; see `mergePages`. */
export async function mergeChecked(whose: Logged, pages: readonly LogDocument[], demo: boolean): Promise<Merged> {
  let [added, there] = [0, 0];
  const left: string[] = [];
  for (const page of pages.flatMap(({ day, entries }) => pagesOf(whose, day, entries))) {
    const more = await mergePage({ ...page, demo });
    if (more === null) left.push(page.document.day);
    added += more ?? 0;
    there += more === null ? 0 : page.document.entries.length - more;
  }
  return { added, there, left };
}

/** Groups entries by the pages they go to: entries that carry a file lie on a page by themselves. */
function pagesOf(whose: Logged, day: string, entries: readonly LogEntry[]): readonly LogRecord[] {
  const files = entries.filter(({ kind }) => kind === 'file');
  const others = entries.filter(({ kind }) => kind !== 'file');
  return [...(others.length > 0 ? [pageOf(whose, day, others)] : []), ...files.map((file) => pageOf(whose, day, [file]))];
}

/** Adds a page to those of its day, and counts the new entries; null where a newer version has written that day here. */
async function mergePage(page: LogRecord): Promise<number | null> {
  const stored = await pagesOfDay(page.id);
  if (stored.some(({ document }) => isDocumentOfNewer('log', document))) return null;
  const known = new Set(stored.flatMap(({ document }) => document.entries.map(({ id }) => id)));
  const entries = page.document.entries.filter(({ id }) => !known.has(id));
  if (entries.length === 0) return 0;
  const there = await database.logs.get(page.id);
  const { document } = withEntriesThere<'log'>({ ...page, document: { ...page.document, entries } }, there);
  await putWhole(
    'log',
    { ...(there ?? page), document, updatedAt: Date.now(), revision: (there?.revision ?? 0) + 1, writtenBy: null },
    there,
  );
  return entries.length;
}
