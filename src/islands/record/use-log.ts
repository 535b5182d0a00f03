import { subWeeks } from 'date-fns/subWeeks';
import { useEffect, useMemo, useState } from 'react';
import { asCorrected, type LogEntry, type LogWhat } from '#core/practice';
import { logEntry } from '../../state/practice/logging.ts';
import { readyToPractise } from '../../storage/first-start.ts';
import { dayOf } from '../../records/log-pages.ts';
import type { Logged } from '../../records/record.ts';
import { loadLog } from '../../storage/practice.ts';
import { NOT_ANSWERED } from '../../words/notices.ts';

/** A day of a log as it stands: what was taken back is gone. */
export interface LogDay {
  readonly day: string;
  readonly entries: readonly LogEntry[];
}

/** A player's log. */
export interface Log {
  readonly whose: Logged;
  /** The newest day first; null until it is read. */
  readonly days: readonly LogDay[] | null;
  /** Every entry that was read, those taken back and the corrections too. */
  readonly all: readonly LogEntry[];
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

/** What was read of a log, and what has been added since: entries by their day. */
interface Read {
  readonly pages: readonly { readonly day: string; readonly entries: readonly LogEntry[] }[];
  readonly demo: boolean;
  readonly isCut: boolean;
}

/** The log of a player: of the last weeks, or all of it. */
export function useLog(whose: Logged): Log {
  const [wantsAll, setWantsAll] = useState(false);
  const [read, setRead] = useState<Read | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const { playerId } = whose;
  useEffect(() => {
    let gone = false;
    const from = wantsAll ? undefined : dayOf(subWeeks(Date.now(), WEEKS).getTime());
    readyToPractise()
      .then(async () => await loadLog(playerId, from))
      .then(
        (records) =>
          !gone && setRead({ pages: records.map(({ document }) => document), demo: records.some(({ demo }) => demo), isCut: !wantsAll }),
        (error: unknown) => setTrouble(error instanceof Error ? error.message : NOT_ANSWERED),
      );
    return () => {
      gone = true;
    };
  }, [playerId, wantsAll]);
  const all = useMemo(() => read?.pages.flatMap(({ entries }) => entries) ?? [], [read]);
  const days = useMemo(() => (read ? daysOf(read.pages, all) : null), [read, all]);
  // An entry that cannot be written yet is on the page as well: it is tried again.
  const add = async (what: LogWhat): Promise<void> => {
    const { entry } = await logEntry(whose, what);
    const page = { day: dayOf(entry.at), entries: [entry] };
    setRead((now) => ({ demo: false, isCut: false, ...now, pages: [...(now?.pages ?? []), page] }));
  };
  return {
    whose,
    days,
    all,
    demo: read?.demo ?? false,
    isCut: read?.isCut ?? true,
    readAll: () => setWantsAll(true),
    add,
    trouble,
  };
}

/** The days of some pages, the newest first, without what was taken back. */
function daysOf(pages: Read['pages'], all: readonly LogEntry[]): readonly LogDay[] {
  const standing = new Set(asCorrected(all));
  const byDay = new Map<string, LogEntry[]>();
  for (const { day, entries } of pages) byDay.set(day, [...(byDay.get(day) ?? []), ...entries.filter((entry) => standing.has(entry))]);
  return [...byDay.entries()]
    .filter(([, entries]) => entries.length > 0)
    .map(([day, entries]) => ({ day, entries: entries.toSorted((one, other) => one.at - other.at) }))
    .toSorted((one, other) => other.day.localeCompare(one.day));
}
