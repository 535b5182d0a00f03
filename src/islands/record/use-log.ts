import { subWeeks } from 'date-fns';
import { useEffect, useState } from 'react';
import { asCorrected, type LogEntry, type LogWhat } from '#core/practice';
import { logEntry } from '../../state/practice/logging.ts';
import { readyToRead } from '../../storage/first-start.ts';
import { dayOf, loadLog, type Logged } from '../../storage/practice.ts';
import { NOT_ANSWERED } from '../../words/notices.ts';

/** A day of a log as it stands: what was taken back is gone. */
export interface LogDay {
  readonly day: string;
  readonly entries: readonly LogEntry[];
}

/** A player's log. */
export interface Log {
  /** The newest day first; null until it is read. */
  readonly days: readonly LogDay[] | null;
  /** Every entry that was read, those taken back and the corrections too. */
  readonly all: readonly LogEntry[];
  /** Some of it came with the demo. */
  readonly demo: boolean;
  /** Only the last weeks are read. */
  readonly isCut: boolean;
  readonly readAll: () => void;
  readonly add: (what: LogWhat) => Promise<boolean>;
  readonly trouble: string | null;
}

/** What a lesson looks back on, weeks. */
const WEEKS = 8;

const [FIRST_DAY, LAST_DAY] = ['0000-01-01', '9999-12-31'] as const;

/** The log of a player: of the last weeks, or all of it. */
export function useLog(whose: Logged): Log {
  const [isCut, setIsCut] = useState(true);
  const [read, setRead] = useState<{ readonly entries: readonly LogEntry[]; readonly demo: boolean } | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const { playerId } = whose;
  useEffect(() => {
    let gone = false;
    const from = isCut ? dayOf(subWeeks(Date.now(), WEEKS).getTime()) : FIRST_DAY;
    readyToRead()
      .then(async () => await loadLog(playerId, from, LAST_DAY))
      .then(
        (pages) => !gone && setRead({ entries: pages.flatMap(({ document }) => document.entries), demo: pages.some(({ demo }) => demo) }),
        (error: unknown) => setTrouble(error instanceof Error ? error.message : NOT_ANSWERED),
      );
    return () => {
      gone = true;
    };
  }, [playerId, isCut]);
  const add = async (what: LogWhat): Promise<boolean> => {
    const outcome = await logEntry(whose, what);
    if (outcome.ok) setRead((now) => ({ demo: now?.demo ?? false, entries: [...(now?.entries ?? []), outcome.entry] }));
    else setTrouble(outcome.message);
    return outcome.ok;
  };
  return {
    days: read && daysOf(read.entries),
    all: read?.entries ?? [],
    demo: read?.demo ?? false,
    isCut,
    readAll: () => setIsCut(false),
    add,
    trouble,
  };
}

function daysOf(entries: readonly LogEntry[]): readonly LogDay[] {
  const byDay = new Map<string, LogEntry[]>();
  for (const entry of asCorrected(entries)) {
    const day = dayOf(entry.at);
    const there = byDay.get(day);
    if (there) there.push(entry);
    else byDay.set(day, [entry]);
  }
  return [...byDay.entries()].map(([day, ofDay]) => ({ day, entries: ofDay })).toSorted((one, other) => other.day.localeCompare(one.day));
}
