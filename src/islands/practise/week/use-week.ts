import { useState } from 'react';
import type { WeekAsked } from '#core/week';
import type { Logged, WeekRecord } from '../../../records/record.ts';
import { newWeek } from '../../../records/new-practice-records.ts';
import { type Elsewhere, useRecords } from '../../../state/reading/index.ts';

/** The plan of a player's weeks, with the actions on it. */
export interface KeptWeek {
  /** The week; null until it is read. */
  readonly week: WeekRecord | null;
  /** The message where reading or keeping failed; null otherwise. */
  readonly trouble: string | null;
  readonly elsewhere: Elsewhere;
  readonly change: (fields: Partial<WeekAsked>) => void;
  readonly bringBack: (was: WeekRecord) => void;
}

/** Gives the plan of a player's weeks, kept as it is changed. */
export function useWeek(whose: Logged): KeptWeek {
  const { playerId } = whose;
  const { records, trouble, elsewhere, keep, bringBack } = useRecords({
    name: 'week',
    of: playerId ?? '',
    belongs: (record) => record.playerId === playerId,
  });
  const [first] = useState(() => newWeek(whose));
  const [kept] = records ?? [];
  const week = records && (kept ?? first);
  const change = (fields: Partial<WeekAsked>): void => {
    if (week) keep({ ...week, document: { ...week.document, ...fields } }, kept ?? null);
  };
  return { week, trouble, elsewhere, change, bringBack };
}
