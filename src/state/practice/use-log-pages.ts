import { useMemo, useState } from 'react';
import type { LogEntry, LogWhat } from '#core/practice/log';
import { dayOf, type LogPage } from '../../records/log-pages.ts';
import type { Logged } from '../../records/record.ts';
import { notReadText } from '../../words/kept/storage.ts';
import { answerOf } from '../../engine/index.ts';
import { LOG, useStored } from '../reading/index.ts';
import type { SaveOutcome } from '../../storage/writing/index.ts';
import { nextEntry } from '../keeping/index.ts';
import { logEntry } from './logging.ts';

/** A player's log, as it is read and added to. */
export interface LogPages {
  /** The pages in the order of days; null until they are read, and where they cannot be. */
  readonly pages: readonly LogPage[] | null;
  /** Whether some of it came with the demo. */
  readonly demo: boolean;
  /** The reason why it cannot be read, for people. */
  readonly trouble: string | null;
  /** Adds an entry, which is on the page at once, even while it cannot be written: it is tried again, and the outcome says why. */
  readonly add: (what: LogWhat) => Promise<SaveOutcome>;
}

/** Gives the log of a player from a day on ("2026-03-09"; all of it unless that is given); entries of another tab come as well. */
export function useLogPages(whose: Logged, from?: string): LogPages {
  const asked = useStored(LOG, whose.playerId, from);
  const [added, setAdded] = useState<readonly LogEntry[]>([]);
  const read = answerOf(asked);
  const pages = useMemo(() => {
    if (read === null) return null;
    const there = read.map(({ document }) => document);
    const known = new Set(there.flatMap(({ entries }) => entries.map(({ id }) => id)));
    const more = added.filter(({ id }) => !known.has(id)).map((entry) => ({ day: dayOf(entry.at), entries: [entry] }));
    return [...there, ...more];
  }, [read, added]);
  const add = async (what: LogWhat): Promise<SaveOutcome> => {
    const entry = nextEntry(what);
    setAdded((now) => [...now, entry]);
    return await logEntry(whose, entry);
  };
  return {
    pages,
    demo: read?.some(({ demo }) => demo) ?? false,
    trouble: asked.state === 'failed' ? notReadText(asked.message) : null,
    add,
  };
}
