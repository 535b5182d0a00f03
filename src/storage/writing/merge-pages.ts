import type { LogDocument } from '#core/documents';
import { type LogEntry, MOST_ENTRIES } from '#core/practice/log';
import { database, together } from '../database/index.ts';
import type { Logged, LogRecord } from '../../records/record.ts';
import { pageOf } from '../../records/log-pages.ts';
import { withEntriesThere } from '../joining/index.ts';

/** The result of adding entries to a log. */
export interface Merged {
  /** The number of entries that are new here. */
  readonly added: number;
  /** The number of entries that were here already. */
  readonly there: number;
  /** The days that were left out: with these entries they would have more than a page can. */
  readonly left: readonly string[];
}

/**
 * Adds the entries of some pages to a player's log here, each once, whatever was brought before and in whatever order. Nothing that is here
 * is written over, and no page of anybody else is touched, wherever the pages stood. With `demo`, new pages go with the demo.
 */
export async function mergePages(whose: Logged, pages: readonly LogDocument[], demo = false): Promise<Merged> {
  let [added, there] = [0, 0];
  const left: string[] = [];
  // All pages are written or none: a log of years is written at once, not day by day.
  await together(async () => {
    for (const { day, entries } of pages) {
      for (const page of pagesOf(whose, day, entries)) {
        const more = await mergePage({ ...page, demo });
        if (more === null) left.push(day);
        added += more ?? 0;
        there += more === null ? 0 : page.document.entries.length - more;
      }
    }
  });
  return { added, there, left };
}

/** Groups entries by the pages they go to: entries that carry a file lie on a page by themselves. */
function pagesOf(whose: Logged, day: string, entries: readonly LogEntry[]): readonly LogRecord[] {
  const files = entries.filter(({ kind }) => kind === 'file');
  const others = entries.filter(({ kind }) => kind !== 'file');
  return [...(others.length > 0 ? [pageOf(whose, day, others)] : []), ...files.map((file) => pageOf(whose, day, [file]))];
}

/** Counts the new entries of a page; null where they would be too many. */
async function mergePage(page: LogRecord): Promise<number | null> {
  const there = await database.logs.get(page.id);
  const next = there ? { ...there, document: withEntriesThere<'log'>(page, there).document } : page;
  const { length } = next.document.entries;
  if (length > MOST_ENTRIES) return null;
  const added = length - (there?.document.entries.length ?? 0);
  if (added > 0) await database.logs.put({ ...next, updatedAt: Date.now(), revision: (there?.revision ?? 0) + 1, writtenBy: null });
  return added;
}
