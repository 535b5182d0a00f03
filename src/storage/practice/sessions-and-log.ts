import { DOCUMENT_KINDS, headed, type SessionDocument } from '#core/documents';
import type { LogEntry } from '#core/practice';
import { database, type LogRecord, type SessionRecord } from '../database.ts';
import { fresh } from '../records.ts';
import { loadAll, readOrSetAside } from '../set-aside.ts';

/** The sessions of a player, the newest first. */
export async function loadSessions(playerId: string | null): Promise<readonly SessionRecord[]> {
  return (await loadAll('session')).filter((session) => session.playerId === playerId);
}

/** A new session for a player. */
export function newSession(fields: Pick<SessionDocument, 'name' | 'day' | 'endCheck' | 'items'>, playerId: string | null): SessionRecord {
  return { ...fresh(false), document: headed(DOCUMENT_KINDS.session, fields), playerId };
}

/** The first and the last day there can be. */
const [FIRST_DAY, LAST_DAY] = ['0000-01-01', '9999-12-31'] as const;

/**
 * The pages of a player's log from a day to a day ("2026-03-09", both inclusive; all of it unless they are given), in their
 * order; null is nobody of the studio.
 */
export async function loadLog(playerId: string | null, from: string = FIRST_DAY, to: string = LAST_DAY): Promise<readonly LogRecord[]> {
  const stored = await (playerId === null
    ? database.logs.filter((page) => page.playerId === null && page.document.day >= from && page.document.day <= to).toArray()
    : database.logs.where('[playerId+document.day]').between([playerId, from], [playerId, to], true, true).toArray());
  const read = await Promise.all(stored.map((record) => readOrSetAside('log', record)));
  return read.filter((record) => record !== null).toSorted((one, other) => one.document.day.localeCompare(other.document.day));
}

/** All entries of some pages, in the order of time. */
export function entriesOf(pages: readonly LogRecord[]): readonly LogEntry[] {
  return pages.flatMap(({ document }) => document.entries).toSorted((one, other) => one.at - other.at);
}
