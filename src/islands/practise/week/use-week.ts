import { useEffect, useState } from 'react';
import type { WeekAsked } from '#core/week';
import { keepInStudio } from '../../../state/studio-saving.ts';
import type { WeekRecord } from '../../../storage/database.ts';
import { readyToPractise } from '../../../storage/first-start.ts';
import type { Logged } from '../../../storage/log-page.ts';
import { loadWeek, newWeek } from '../../../storage/weeks.ts';
import { NOT_ANSWERED } from '../../../words/notices.ts';

/** How the weeks of a player are planned, and what changes that. */
export interface KeptWeek {
  /** Null until it is read. */
  readonly week: WeekRecord | null;
  readonly trouble: string | null;
  readonly change: (fields: Partial<WeekAsked>) => void;
}

/** How the weeks of a player are planned, kept as it is changed. */
export function useWeek(whose: Logged): KeptWeek {
  const [week, setWeek] = useState<WeekRecord | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const { playerId, name } = whose;
  useEffect(() => {
    let gone = false;
    readyToPractise()
      .then(async () => await loadWeek(playerId))
      .then(
        (found) => !gone && setWeek(found ?? newWeek({ playerId, name })),
        (error: unknown) => setTrouble(error instanceof Error ? error.message : NOT_ANSWERED),
      );
    return () => {
      gone = true;
    };
  }, [playerId, name]);
  const change = (fields: Partial<WeekAsked>): void => {
    if (!week) return;
    const next = { ...week, document: { ...week.document, ...fields } };
    setWeek(next);
    void keepInStudio('week', next, week.revision === 0 ? null : week).then((outcome) => {
      if (!outcome.ok) return setTrouble(outcome.message);
      // What was changed meanwhile is on its way, and follows from this.
      setWeek((now) => (now === next ? outcome.record : now));
    });
  };
  return { week, trouble, change };
}
