import { DOCUMENT_KINDS, headed } from '#core/documents';
import { FIRST_WEEK, type WeekAsked } from '#core/week';
import type { WeekRecord } from '../database.ts';
import { fresh } from '../records.ts';
import { loadAll } from '../set-aside.ts';
import type { Logged } from './log-page.ts';

/** How the weeks of a player (null: nobody of the studio) are planned; null where nothing is kept yet. */
export async function loadWeek(playerId: string | null): Promise<WeekRecord | null> {
  return (await loadAll('week')).find((record) => record.playerId === playerId) ?? null;
}

/** A new plan of weeks: there is one for each player, and it goes by the player wherever it is written. */
export function newWeek({ playerId, name }: Logged, asked: WeekAsked = FIRST_WEEK): WeekRecord {
  return { ...fresh(false), id: `week-${playerId ?? 'nobody'}`, document: headed(DOCUMENT_KINDS.week, { name, ...asked }), playerId };
}
