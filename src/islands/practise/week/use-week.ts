import { useState } from 'react';
import type { WeekAsked } from '#core/week';
import type { WeekRecord } from '../../../storage/database.ts';
import type { Logged } from '../../../storage/log-page.ts';
import { newWeek } from '../../../storage/weeks.ts';
import { type Elsewhere, useKept } from '../use-kept.ts';

/** How the weeks of a player are planned, and what changes that. */
export interface KeptWeek {
  /** Null until it is read. */
  readonly week: WeekRecord | null;
  readonly trouble: string | null;
  readonly elsewhere: Elsewhere;
  readonly change: (fields: Partial<WeekAsked>) => void;
}

/** How the weeks of a player are planned, kept as it is changed. */
export function useWeek(whose: Logged): KeptWeek {
  const { records, trouble, elsewhere, keep } = useKept('week', whose.playerId);
  const [first] = useState(() => newWeek(whose));
  const [kept] = records ?? [];
  const week = records && (kept ?? first);
  const change = (fields: Partial<WeekAsked>): void => {
    if (week) keep({ ...week, document: { ...week.document, ...fields } }, kept ?? null);
  };
  return { week, trouble, elsewhere, change };
}
