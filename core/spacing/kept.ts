import { type Card, createEmptyCard, fsrs, type Grade as LibraryGrade, Rating } from 'ts-fsrs';

/** The grade of a recall: forgotten, with difficulty, or well. */
export type Grade = 'forgotten' | 'hard' | 'good';

/** One recall. */
export interface Met {
  /** The moment, ms since 1970. */
  readonly at: number;
  /** The grade of how well it was remembered. */
  readonly grade: Grade;
}

/** The state of something that is kept in memory. */
export interface Kept {
  /** The moment at which it comes back, ms since 1970. */
  readonly due: number;
  /** The days until it would be forgotten one time in ten. */
  readonly days: number;
  /** The number of times it was forgotten after it had been learnt. */
  readonly forgotten: number;
}

const RATINGS: Readonly<Record<Grade, LibraryGrade>> = { forgotten: Rating.Again, hard: Rating.Hard, good: Rating.Good };

/** The intervals are exact: the same answers give the same days. */
const scheduler = fsrs({ enable_fuzz: false });

/**
 * Finds when something comes back after all the times it was met, in order: at widening intervals while it is kept, within minutes after it
 * was forgotten. Null for what was never met. It uses the free spaced repetition scheduler, version 6, with its usual figures.
 */
export function recallAfter(met: readonly Met[]): Kept | null {
  const [first] = met;
  if (!first) return null;
  // After a clock was put back no time has passed.
  const next = (now: Card, { at, grade }: Met): Card =>
    scheduler.next(now, Math.max(at, now.last_review?.getTime() ?? at), RATINGS[grade]).card;
  const card = met.reduce<Card>(next, createEmptyCard(first.at));
  return { due: card.due.getTime(), days: card.stability, forgotten: card.lapses };
}
