import { useMemo, useState } from 'react';
import { asCorrected, inOrder, type LogEntry, type LogWhat } from '#core/practice/log';
import { useLogPages } from '../../state/practice/use-log-pages.ts';
import { type LogPage, dayLogged, dayWeeksBefore } from '../../records/log-pages.ts';
import type { Logged } from '../../records/record.ts';

/** A day of a log as it stands: what was taken back is gone. */
export type LogDay = LogPage;

/** A player's log. */
export interface Log {
  readonly whose: Logged;
  /** The newest day first; null until it is read. */
  readonly days: readonly LogDay[] | null;
  /** Every entry that was read, those taken back and the corrections too. */
  readonly all: readonly LogEntry[];
  /** The day under which an entry is logged. */
  readonly dayOf: (entry: LogEntry) => string;
  /** Some of it came with the demo. */
  readonly demo: boolean;
  /** Only the last weeks are read. */
  readonly isCut: boolean;
  readonly readAll: () => void;
  readonly add: (what: LogWhat) => Promise<void>;
  readonly trouble: string | null;
}

/** What a lesson looks back on, weeks. */
const WEEKS = 8;

/** The log of a player: of the last weeks, or all of it. */
export function useLog(whose: Logged): Log {
  const [wantsAll, setWantsAll] = useState(false);
  const [lastWeeks] = useState(() => dayWeeksBefore(Date.now(), WEEKS));
  const { pages, demo, trouble, add } = useLogPages(whose, wantsAll ? undefined : lastWeeks);
  const all = useMemo(() => (pages ?? []).flatMap(({ entries }) => entries), [pages]);
  const days = useMemo(() => pages && daysOf(pages, all), [pages, all]);
  const dayOfEntry = useMemo(() => dayLogged(pages ?? []), [pages]);
  return {
    whose,
    days,
    all,
    dayOf: dayOfEntry,
    demo,
    isCut: !wantsAll,
    readAll: () => setWantsAll(true),
    add,
    trouble,
  };
}

/** The days of some pages, the newest first, without what was taken back. */
function daysOf(pages: readonly LogDay[], all: readonly LogEntry[]): readonly LogDay[] {
  const standing = new Set(asCorrected(all));
  const byDay = new Map<string, LogEntry[]>();
  for (const { day, entries } of pages) byDay.set(day, [...(byDay.get(day) ?? []), ...entries.filter((entry) => standing.has(entry))]);
  return [...byDay.entries()]
    .filter(([, entries]) => entries.length > 0)
    .map(([day, entries]) => ({ day, entries: inOrder(entries) }))
    .toSorted((one, other) => other.day.localeCompare(one.day));
}
