import { type LogEntry, setIn, setsOf, type SetByTeacher } from '#core/practice/log';
import type { Fading } from '#core/practice/fading';
import type { Practised } from '#core/practice/item';
import { entriesOf } from '../../records/log-pages.ts';
import type { LogRecord, SessionRecord, WeekRecord } from '../../records/record.ts';
import { loadLog, loadSessions, loadWeek } from '../../storage/reading/index.ts';
import { noteOrder } from '../keeping/index.ts';
import type { StoredQuery } from './queries.ts';

/** Reads the pages of a player's log from a day on; null is nobody of the studio. */
export const LOG: StoredQuery<[playerId: string | null, from?: string], readonly LogRecord[]> = { read: readLog, ofPractice: true };

/** Reads the entries of a player's log from a day on, in order. */
export const ENTRIES: StoredQuery<[playerId: string | null, from?: string], readonly LogEntry[]> = {
  read: async (playerId, from) => entriesOf(await readLog(playerId, from)),
  ofPractice: true,
};

/** Reads the sessions of a player, the newest first. */
export const SESSIONS: StoredQuery<[playerId: string | null], readonly SessionRecord[]> = { read: loadSessions, ofPractice: true };

/** Reads the plan of a player's weeks; null where nothing is kept yet. */
export const WEEK: StoredQuery<[playerId: string | null], WeekRecord | null> = { read: loadWeek, ofPractice: true };

/** The settings of the teacher for a player, and the player's progress with them. */
export interface SetForPlayer extends SetByTeacher {
  /** Gives the course of fading help of a practised part; null where none is set. */
  readonly fadingOf: (practised: Pick<Practised, 'piece' | 'part'>) => Fading | null;
}

/** Reads the settings of the teacher for a player, by all of the log. */
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
