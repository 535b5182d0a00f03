import { useMemo, useState } from 'react';
import { asCorrected, inOrder, type LogEntry } from '#core/practice/log';
import { useLogPages } from '../../state/practice/index.ts';
import { type LogPage, dayLogged, dayWeeksBefore, WEEKS_COUNTED } from '../../records/log-pages.ts';
import type { Logged } from '../../records/record.ts';

/** A day of a log as it stands, without the entries that were taken back. */
export type LogDay = LogPage;

/** A player's log. */
export interface Log {
  readonly whose: Logged;
  /** The days, the newest first; null until they are read. */
  readonly days: readonly LogDay[] | null;
  /** The entries that were read, those taken back and the corrections too. */
  readonly all: readonly LogEntry[];
  /** Gives the day under which an entry is logged. */
  readonly dayOf: (entry: LogEntry) => string;
  /** Whether some of it came with the demo. */
  readonly demo: boolean;
  /** Whether only the last weeks are read. */
  readonly isCut: boolean;
  readonly readAll: () => void;
  readonly add: ReturnType<typeof useLogPages>['add'];
  /** The message where reading or keeping failed; null otherwise. */
  readonly trouble: string | null;
}

/** Gives the log of a player: of the last weeks, or all of it. */
export function useLog(whose: Logged): Log {
  const [wantsAll, setWantsAll] = useState(false);
  const [lastWeeks] = useState(() => dayWeeksBefore(Date.now(), WEEKS_COUNTED));
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

/** Gives the days of some pages, the newest first, without the entries that were taken back. */
function daysOf(pages: readonly LogDay[], all: readonly LogEntry[]): readonly LogDay[] {
  const standing = new Set(asCorrected(all));
  const byDay = new Map<string, LogEntry[]>();
  for (const { day, entries } of pages) byDay.set(day, [...(byDay.get(day) ?? []), ...entries.filter((entry) => standing.has(entry))]);
  return [...byDay.entries()]
    .filter(([, entries]) => entries.length > 0)
    .map(([day, entries]) => ({ day, entries: inOrder(entries) }))
    .toSorted((one, other) => other.day.localeCompare(one.day));
}
