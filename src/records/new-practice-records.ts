import { DOCUMENT_KINDS, headed, type SessionDocument, type StagesDocument } from '#core/documents';
import { FIRST_WEEK, type WeekAsked } from '#core/week';
import { fresh } from './new-records.ts';
import type { Logged, SessionRecord, StagesRecord, WeekRecord } from './record.ts';

/** A new record of how far a player is with shifts: there is one for each player, and it goes by the player wherever it is written. */
export function newStages(document: StagesDocument, playerId: string | null): StagesRecord {
  return { ...fresh(false), id: `stages-${playerId ?? 'nobody'}`, document, playerId };
}

/** A new session for a player. */
export function newSession(fields: Pick<SessionDocument, 'name' | 'day' | 'endCheck' | 'items'>, playerId: string | null): SessionRecord {
  return { ...fresh(false), document: headed(DOCUMENT_KINDS.session, fields), playerId };
}

/** A new plan of weeks: there is one for each player, and it goes by the player wherever it is written. */
export function newWeek({ playerId, name }: Logged, asked: WeekAsked = FIRST_WEEK): WeekRecord {
  return { ...fresh(false), id: `week-${playerId ?? 'nobody'}`, document: headed(DOCUMENT_KINDS.week, { name, ...asked }), playerId };
}
