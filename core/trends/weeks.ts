import { asCorrected, type LogEntry, ofKind } from '#core/practice';

/** A week of a record. */
export interface Week {
  /** When it began, ms since 1970. */
  readonly begins: number;
  /** Tries, and how many were good. */
  readonly tries: number;
  /** How many were good. */
  readonly good: number;
  /** Tries that missed flat, and sharp. */
  readonly flat: number;
  /** Tries that missed sharp. */
  readonly sharp: number;
  /** The fastest good try, quarter notes a minute; null where none had a tempo. */
  readonly tempo: number | null;
}

const MS_A_WEEK = 7 * 86_400_000;

/** The weeks of a record up to now, the oldest first, those without practice too: each ends seven days before the next. */
export function weeksOf(entries: readonly LogEntry[], now: number, count: number): readonly Week[] {
  const attempts = ofKind(asCorrected(entries), 'attempt');
  return Array.from({ length: count }, (_, order) => now - (count - order) * MS_A_WEEK).map((begins): Week => {
    const here = attempts.filter(({ at }) => at > begins && at <= begins + MS_A_WEEK);
    const good = here.filter(({ miss }) => miss === null);
    const tempos = good.flatMap(({ tempo }) => tempo ?? []);
    const missed = (miss: 'flat' | 'sharp'): number => here.filter((attempt) => attempt.miss === miss).length;
    return {
      begins,
      tries: here.length,
      good: good.length,
      flat: missed('flat'),
      sharp: missed('sharp'),
      tempo: tempos.length === 0 ? null : tempos.reduce((fastest, tempo) => Math.max(fastest, tempo)),
    };
  });
}
