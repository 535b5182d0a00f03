import { database } from '../database/index.ts';
import type { LogRecord, SessionRecord, WeekRecord } from '../../records/record.ts';
import { loadAll, readOrSetAside } from './set-aside.ts';

/** Reads the sessions of a player, the newest first. */
export async function loadSessions(playerId: string | null): Promise<readonly SessionRecord[]> {
  return (await loadAll('session')).filter((session) => session.playerId === playerId);
}

/** The first and the last possible day. */
const [FIRST_DAY, LAST_DAY] = ['0000-01-01', '9999-12-31'] as const;

/**
 * Reads the pages of a player's log from a day to a day ("2026-03-09", both inclusive; all of it unless they are given), in order; null is
 * nobody of the studio.
 */
export async function loadLog(playerId: string | null, from: string = FIRST_DAY, to: string = LAST_DAY): Promise<readonly LogRecord[]> {
  const stored = await (playerId === null
    ? database.logs.filter((page) => page.playerId === null && page.document.day >= from && page.document.day <= to).toArray()
    : database.logs.where('[playerId+document.day]').between([playerId, from], [playerId, to], true, true).toArray());
  const read = await Promise.all(stored.map((record) => readOrSetAside('log', record)));
  return read.filter((record) => record !== null).toSorted((one, other) => one.document.day.localeCompare(other.document.day));
}

/** Reads the plan of the weeks of a player (null: nobody of the studio); null where nothing is kept yet. */
export async function loadWeek(playerId: string | null): Promise<WeekRecord | null> {
  return (await loadAll('week')).find((record) => record.playerId === playerId) ?? null;
}
