import {
  DOCUMENT_KINDS,
  headed,
  type InstrumentDocument,
  type Piece,
  type PlayerDocument,
  type SchoolDocument,
  type SessionDocument,
  type StagesDocument,
} from '#core/documents';
import { FIRST_WEEK, type WeekAsked } from '#core/week';
import type {
  InstrumentRecord,
  Logged,
  PieceRecord,
  PlayerRecord,
  SchoolRecord,
  SessionRecord,
  StagesRecord,
  Uses,
  WeekRecord,
} from './record.ts';
import { newId, THIS_TAB } from './this-tab.ts';

/** A piece that uses nothing of the studio. */
export const NOTHING_USED: Uses = { instrumentId: null, playerId: null, schoolId: null };

/** A new record of a piece. */
export function newPieceRecord(document: Piece, demo = false, uses: Uses = NOTHING_USED): PieceRecord {
  return { ...fresh(demo), document, ...uses, changed: null };
}

/** A new record of an instrument. */
export function newInstrument(document: InstrumentDocument, demo = false): InstrumentRecord {
  return { ...fresh(demo), document };
}

/** A new record of a player, with the instrument this player has and the school this player follows. */
export function newPlayer(
  document: PlayerDocument,
  { instrumentId, schoolId }: Pick<Uses, 'instrumentId' | 'schoolId'>,
  demo = false,
): PlayerRecord {
  return { ...fresh(demo), document, instrumentId, schoolId };
}

/** A new record of how far a player is with shifts: there is one for each player, and it goes by the player wherever it is written. */
export function newStages(document: StagesDocument, playerId: string | null): StagesRecord {
  return { ...fresh(false), id: `stages-${playerId ?? 'nobody'}`, document, playerId };
}

/** A new record of a school. */
export function newSchool(document: SchoolDocument, demo = false): SchoolRecord {
  return { ...fresh(demo), document };
}

/** A new session for a player. */
export function newSession(fields: Pick<SessionDocument, 'name' | 'day' | 'endCheck' | 'items'>, playerId: string | null): SessionRecord {
  return { ...fresh(false), document: headed(DOCUMENT_KINDS.session, fields), playerId };
}

/** A new plan of weeks: there is one for each player, and it goes by the player wherever it is written. */
export function newWeek({ playerId, name }: Logged, asked: WeekAsked = FIRST_WEEK): WeekRecord {
  return { ...fresh(false), id: `week-${playerId ?? 'nobody'}`, document: headed(DOCUMENT_KINDS.week, { name, ...asked }), playerId };
}

/** What every new record begins with. */
export function fresh(demo: boolean): Omit<SchoolRecord, 'document'> {
  const now = Date.now();
  return { id: newId(), createdAt: now, updatedAt: now, demo, revision: 0, writtenBy: THIS_TAB };
}
