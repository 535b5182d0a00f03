import { DAYS_A_WEEK, dayNumber, dayOfNumber } from '#core/calendar';
import { asCorrected, type LogEntry, ofKind } from '#core/practice/log';

/** The tries of a day. */
export interface DayTries {
  /** The date: "2026-03-09". */
  readonly day: string;
  /** The number of good tries. */
  readonly good: number;
  /** The number of tries that missed. */
  readonly missed: number;
}

/** Lists the last days up to today, the oldest first, those without practice too; `dayOf` gives the day under which an entry is logged. */
export function daysOfPractice(
  entries: readonly LogEntry[],
  { today, weeks, dayOf }: { readonly today: string; readonly weeks: number; readonly dayOf: (entry: LogEntry) => string },
): readonly DayTries[] {
  const counts = new Map<string, { good: number; missed: number }>();
  for (const attempt of ofKind(asCorrected(entries), 'attempt')) {
    const day = dayOf(attempt);
    const count = counts.get(day) ?? { good: 0, missed: 0 };
    count[attempt.miss === null ? 'good' : 'missed'] += 1;
    counts.set(day, count);
  }
  const first = dayNumber(today) - weeks * DAYS_A_WEEK + 1;
  return Array.from({ length: weeks * DAYS_A_WEEK }, (_, order) => {
    const day = dayOfNumber(first + order);
    return { day, good: 0, missed: 0, ...counts.get(day) };
  });
}

/** The tries of a piece on one day at one tempo. */
export interface TempoTries extends DayTries {
  /** The tempo, quarter notes a minute. */
  readonly tempo: number;
}

/** The tempos at which a piece was tried, day by day. */
export interface PieceTempos {
  /** The piece, by its id. */
  readonly piece: string;
  /** The name of the piece then. */
  readonly title: string;
  /** The tries by day and tempo, in order of both. */
  readonly tries: readonly TempoTries[];
}

/** Lists the tempos at which each piece was tried, those tried most first; tries without a tempo are left out. */
export function temposByPiece(entries: readonly LogEntry[], dayOf: (entry: LogEntry) => string): readonly PieceTempos[] {
  const byPiece = new Map<string, { readonly title: string; readonly byTempo: Map<string, TempoTries> }>();
  for (const attempt of ofKind(asCorrected(entries), 'attempt')) {
    if (attempt.tempo === null) continue;
    const { piece, title } = attempt.practised;
    const { byTempo } = byPiece.get(piece) ?? { byTempo: new Map<string, TempoTries>() };
    const [day, tempo] = [dayOf(attempt), Math.round(attempt.tempo)];
    const before = byTempo.get(`${day} ${tempo}`) ?? { day, tempo, good: 0, missed: 0 };
    const isGood = attempt.miss === null;
    byTempo.set(`${day} ${tempo}`, { ...before, good: before.good + (isGood ? 1 : 0), missed: before.missed + (isGood ? 0 : 1) });
    byPiece.set(piece, { title, byTempo });
  }
  const countOf = ({ tries }: PieceTempos): number => tries.reduce((sum, { good, missed }) => sum + good + missed, 0);
  return [...byPiece]
    .map(([piece, { title, byTempo }]) => ({
      piece,
      title,
      tries: [...byTempo.values()].toSorted((one, other) => one.day.localeCompare(other.day) || one.tempo - other.tempo),
    }))
    .toSorted((one, other) => countOf(other) - countOf(one));
}
