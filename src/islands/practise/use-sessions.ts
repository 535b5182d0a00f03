import { useEffect, useState } from 'react';
import type { PracticeItem } from '#core/practice';
import { keepInStudio } from '../../state/studio-saving.ts';
import { database, type PieceRecord, type PlayerRecord, type SessionRecord } from '../../storage/database.ts';
import { readyToPractise } from '../../storage/first-start.ts';
import { loadPieces } from '../../storage/piece-list.ts';
import { dayOf } from '../../storage/log-page.ts';
import { loadSessions, newSession } from '../../storage/practice.ts';
import { loadStudio } from '../../storage/studio.ts';
import { NOT_ANSWERED } from '../../words/notices.ts';

/** What practising needs of the studio. */
export interface PractiseStudio {
  readonly players: readonly PlayerRecord[];
  readonly pieces: readonly PieceRecord[];
}

/** Players and pieces of the studio. */
export async function practiseStudio(): Promise<PractiseStudio> {
  await readyToPractise();
  const [{ players }, { records }] = await Promise.all([loadStudio(), loadPieces()]);
  return { players, pieces: records };
}

/** The sessions of a player, and what is done with them. */
export interface Sessions {
  /** Null until they are read. */
  readonly sessions: readonly SessionRecord[] | null;
  readonly trouble: string | null;
  /** A new one for today, with some items. */
  readonly add: (name: string, items: readonly PracticeItem[]) => SessionRecord;
  readonly change: (session: SessionRecord, fields: Partial<SessionRecord['document']>) => void;
  readonly remove: (session: SessionRecord) => void;
  /** What was deleted last, and what puts it back; null for nothing. */
  readonly removed: { readonly session: SessionRecord; readonly putBack: () => void } | null;
}

/** The sessions of a player, kept as they are changed. */
export function useSessions(playerId: string | null): Sessions {
  const [sessions, setSessions] = useState<readonly SessionRecord[] | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [removed, setRemoved] = useState<SessionRecord | null>(null);
  useEffect(() => {
    let gone = false;
    readyToPractise()
      .then(async () => await loadSessions(playerId))
      .then(
        (found) => !gone && setSessions(found),
        (error: unknown) => setTrouble(error instanceof Error ? error.message : NOT_ANSWERED),
      );
    return () => {
      gone = true;
    };
  }, [playerId]);
  const keep = (next: SessionRecord, base: SessionRecord | null): void => {
    setSessions((all) =>
      [next, ...(all ?? []).filter(({ id }) => id !== next.id)].toSorted((one, other) => other.createdAt - one.createdAt),
    );
    void keepInStudio('session', next, base).then((outcome) => {
      if (!outcome.ok) return setTrouble(outcome.message);
      // What was changed meanwhile is on its way, and follows from this.
      setSessions((all) => all?.map((each) => (each === next ? outcome.record : each)) ?? null);
    });
  };
  return {
    sessions,
    trouble,
    add: (name, items) => {
      const session = newSession({ name, day: dayOf(Date.now()), endCheck: '', items: [...items] }, playerId);
      keep(session, null);
      return session;
    },
    change: (session, fields) => keep({ ...session, document: { ...session.document, ...fields } }, session),
    removed: removed && {
      session: removed,
      putBack: () => {
        setRemoved(null);
        keep(removed, null);
      },
    },
    remove: (session) => {
      const { id } = session;
      setRemoved(session);
      setSessions((all) => all?.filter((each) => each.id !== id) ?? null);
      database.sessions.delete(id).catch((error: unknown) => setTrouble(error instanceof Error ? error.message : NOT_ANSWERED));
    },
  };
}
