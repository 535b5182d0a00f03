import { useState } from 'react';
import type { PracticeItem } from '#core/practice/item';
import type { SessionRecord } from '../../records/record.ts';
import { dayOf } from '../../records/log-pages.ts';
import { newSession } from '../../records/new-practice-records.ts';
import { type Elsewhere, useRecords } from '../../state/reading/index.ts';

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
  readonly bringBack: (was: SessionRecord) => void;
  readonly remove: (session: SessionRecord) => void;
  /** The session deleted last, with the way to put it back; null for none. */
  readonly removed: { readonly session: SessionRecord; readonly putBack: () => void } | null;
}

/** Gives the sessions of a player, kept as they are changed. */
export function useSessions(playerId: string | null): Sessions {
  const { records, trouble, elsewhere, keep, bringBack, remove } = useRecords({
    name: 'session',
    of: playerId ?? '',
    belongs: (record) => record.playerId === playerId,
  });
  const [removed, setRemoved] = useState<Sessions['removed']>(null);
  return {
    sessions: records && records.toSorted((one, other) => other.createdAt - one.createdAt),
    trouble,
    elsewhere,
    add: (name, items) => {
      const session = newSession({ name, day: dayOf(Date.now()), endCheck: '', items: [...items] }, playerId);
      keep(session, null);
      return session;
    },
    change: (session, fields) => keep({ ...session, document: { ...session.document, ...fields } }, session),
    bringBack,
    removed,
    remove: (session) =>
      void remove(session.id).then((bringBack) =>
        setRemoved(
          bringBack && {
            session,
            putBack: () => {
              setRemoved(null);
              void bringBack();
            },
          },
        ),
      ),
  };
}
