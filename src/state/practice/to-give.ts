import type { SetByTeacher } from '#core/practice/log';
import type { SessionRecord, WeekRecord } from '../../records/record.ts';
import { SESSIONS, SET_FOR_PLAYER, type StoredQuery, WEEK } from '../reading/index.ts';

/** The things that can be given to a player. */
export interface ToGive {
  /** The plan of the weeks; null where there is none. */
  readonly week: WeekRecord | null;
  readonly sessions: readonly SessionRecord[];
  readonly set: SetByTeacher;
}

/** The number of sessions offered, the newest first. */
const SESSIONS_OFFERED = 5;

/** Reads the things that can be given to a player: only those with something to practise. */
export const TO_GIVE: StoredQuery<[playerId: string], ToGive> = {
  read: async (playerId) => {
    const [week, sessions, set] = await Promise.all([WEEK.read(playerId), SESSIONS.read(playerId), SET_FOR_PLAYER.read(playerId)]);
    return {
      week: week && week.document.items.length > 0 ? week : null,
      sessions: sessions.filter(({ document }) => document.items.length > 0).slice(0, SESSIONS_OFFERED),
      set,
    };
  },
  ofPractice: true,
};
