import { dequal } from 'dequal';
import type { PracticeItem } from '#core/practice/item';
import type { SessionRecord } from '../../records/record.ts';
import { dayOf } from '../../records/log-pages.ts';
import { newSession } from '../../records/new-practice-records.ts';
import { type Elsewhere, useRecords } from '../../state/reading/index.ts';
import { type Undoable, useUndo } from './use-undo.ts';

/** The sessions of a player, with the actions on them. */
export interface Sessions {
  /** The sessions, the newest first; null until they are read. */
  readonly sessions: readonly SessionRecord[] | null;
  /** The message where reading or keeping failed; null otherwise. */
  readonly trouble: string | null;
  readonly elsewhere: Elsewhere;
  /** Adds a session for today, with some items. */
  readonly add: (name: string, items: readonly PracticeItem[]) => SessionRecord;
  readonly change: (session: SessionRecord, fields: Partial<SessionRecord['document']>) => void;
  /** Changes a session in one step that can be undone, with the words for it. */
  readonly rearrange: (session: SessionRecord, fields: Partial<SessionRecord['document']>, words: string) => void;
  /** The number of times that a session was rearranged, so that its fields show their values again. */
  readonly rearrangedTimes: number;
  readonly bringBack: (was: SessionRecord) => void;
  readonly remove: (session: SessionRecord) => void;
  /** The step that can be undone: a session deleted, or rearranged; null for none. */
  readonly undone: Undoable | null;
}

/** Gives the sessions of a player, kept as they are changed. */
export function useSessions(playerId: string | null): Sessions {
  const { records, trouble, elsewhere, keep, bringBack, remove } = useRecords({
    name: 'session',
    of: playerId ?? '',
    belongs: (record) => record.playerId === playerId,
  });
  const { undone, offerUndo, times } = useUndo(records);
  const write = (session: SessionRecord, fields: Partial<SessionRecord['document']>): void =>
    keep({ ...session, document: { ...session.document, ...fields } }, session);
  return {
    sessions: records && records.toSorted((one, other) => other.createdAt - one.createdAt),
    trouble,
    elsewhere,
    add: (name, items) => {
      const session = newSession({ name, day: dayOf(Date.now()), endCheck: '', items: [...items] }, playerId);
      keep(session, null);
      return session;
    },
    change: (session, fields) => {
      offerUndo(null);
      write(session, fields);
    },
    rearrange: (session, fields, words) => {
      write(session, fields);
      const before = Object.fromEntries(Object.entries(session.document).filter(([field]) => field in fields));
      const find = (now: typeof records): SessionRecord | undefined => now?.find(({ id }) => id === session.id);
      offerUndo({
        words,
        stands: (now) => {
          const document = find(now)?.document;
          return document !== undefined && dequal(document, { ...document, ...fields });
        },
        undo: (now) => {
          const changed = find(now);
          if (changed) write(changed, before);
        },
      });
    },
    rearrangedTimes: times,
    bringBack,
    undone,
    remove: (session) =>
      void remove(session.id).then((bringBack) =>
        offerUndo(
          bringBack && {
            words: `${session.document.name || 'A session without an aim'} is deleted.`,
            stands: () => true,
            undo: () => void bringBack(),
          },
        ),
      ),
  };
}
