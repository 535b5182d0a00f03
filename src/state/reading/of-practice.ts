import { type LogEntry, setIn, setsOf, type SetByTeacher } from '#core/practice/log';
import type { Fading } from '#core/practice/fading';
import type { Practised } from '#core/practice/item';
import { entriesOf } from '../../records/log-pages.ts';
import type { LogRecord, SessionRecord, WeekRecord } from '../../records/record.ts';
import { loadLog, loadSessions, loadWeek } from '../../storage/reading/practice.ts';
import { noteOrder } from '../practice/entry-order.ts';
import type { StoredQuery } from './queries.ts';

/** The pages of a player's log from a day on; null is nobody of the studio. */
export const LOG: StoredQuery<[playerId: string | null, from?: string], readonly LogRecord[]> = { read: readLog, ofPractice: true };

/** The entries of a player's log from a day on, in their order. */
export const ENTRIES: StoredQuery<[playerId: string | null, from?: string], readonly LogEntry[]> = {
  read: async (playerId, from) => entriesOf(await readLog(playerId, from)),
  ofPractice: true,
};

/** The sessions of a player, the newest first. */
export const SESSIONS: StoredQuery<[playerId: string | null], readonly SessionRecord[]> = { read: loadSessions, ofPractice: true };

/** How the weeks of a player are planned; null where nothing is kept yet. */
export const WEEK: StoredQuery<[playerId: string | null], WeekRecord | null> = { read: loadWeek, ofPractice: true };

/** What the teacher has set for a player, and where the player is with it. */
export interface SetForPlayer extends SetByTeacher {
  /** How help fades with what is practised; null where no course is set. */
  readonly fadingOf: (practised: Pick<Practised, 'piece' | 'part'>) => Fading | null;
}

/** What the teacher has set for a player, by all of the log. */
export const SET_FOR_PLAYER: StoredQuery<[playerId: string | null], SetForPlayer> = {
  read: async (playerId) => {
    const entries = entriesOf(await readLog(playerId));
    const set = setIn(entries);
    return { ...set, fadingOf: (practised) => (set.fading ? { course: set.fading, sets: setsOf(entries, practised) } : null) };
  },
  ofPractice: true,
};

/** Reads a log, and takes note of its order. */
async function readLog(playerId: string | null, from?: string): Promise<readonly LogRecord[]> {
  const pages = await loadLog(playerId, from);
  noteOrder(pages.flatMap(({ document }) => document.entries));
  return pages;
}
