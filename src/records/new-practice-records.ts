import { DOCUMENT_KINDS, withHead, type SessionDocument, type StagesDocument } from '#core/documents';
import { FIRST_WEEK, type WeekAsked } from '#core/week';
import { fresh } from './new-records.ts';
import type { Logged, SessionRecord, StagesRecord, WeekRecord } from './record.ts';

/** Makes a record of the stages that a player has reached: there is one for each player, with the player's id wherever it is written. */
export function newStages(document: StagesDocument, playerId: string | null): StagesRecord {
  return { ...fresh(false), id: `stages-${playerId ?? 'nobody'}`, document, playerId };
}

/** Makes a session for a player. */
export function newSession(fields: Pick<SessionDocument, 'name' | 'day' | 'endCheck' | 'items'>, playerId: string | null): SessionRecord {
  return { ...fresh(false), document: withHead(DOCUMENT_KINDS.session, fields), playerId };
}

/** Makes a plan of weeks: there is one for each player, with the player's id wherever it is written. */
export function newWeek({ playerId, name }: Logged, asked: WeekAsked = FIRST_WEEK): WeekRecord {
  return { ...fresh(false), id: `week-${playerId ?? 'nobody'}`, document: withHead(DOCUMENT_KINDS.week, { name, ...asked }), playerId };
}
