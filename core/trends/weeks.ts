import { asCorrected, type LogEntry, ofKind } from '#core/practice/log';

/** A week of a record. */
export interface Week {
  /** The moment it began, ms since 1970. */
  readonly begins: number;
  /** The number of tries. */
  readonly tries: number;
  /** The number of good tries. */
  readonly good: number;
  /** The number of tries that missed flat. */
  readonly flat: number;
  /** The number of tries that missed sharp. */
  readonly sharp: number;
  /** The quarter notes a minute of the fastest good try; null where none had a tempo. */
  readonly tempo: number | null;
}

const MS_A_WEEK = 7 * 86_400_000;

/** Groups events by week up to now, the oldest first: each week ends seven days before the next. */
export function byWeek<Event extends { readonly at: number }>(
  events: readonly Event[],
  now: number,
  count: number,
): readonly { readonly begins: number; readonly events: readonly Event[] }[] {
  const begins = Array.from({ length: count }, (_, order) => now - (count - order) * MS_A_WEEK);
  return begins.map((from) => ({ begins: from, events: events.filter(({ at }) => at > from && at <= from + MS_A_WEEK) }));
}

/** Lists the weeks of a record up to now, the oldest first, those without practice too. */
export function weeksOf(entries: readonly LogEntry[], now: number, count: number): readonly Week[] {
  const attempts = ofKind(asCorrected(entries), 'attempt');
  return byWeek(attempts, now, count).map(({ begins, events: here }): Week => {
    const good = here.filter(({ miss }) => miss === null);
    const tempos = good.flatMap(({ tempo }) => tempo ?? []);
    const countMisses = (miss: 'flat' | 'sharp'): number => here.filter((attempt) => attempt.miss === miss).length;
    return {
      begins,
      tries: here.length,
      good: good.length,
      flat: countMisses('flat'),
      sharp: countMisses('sharp'),
      tempo: tempos.length === 0 ? null : tempos.reduce((fastest, tempo) => Math.max(fastest, tempo)),
    };
  });
}
