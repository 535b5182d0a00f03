import { type Card, createEmptyCard, fsrs, type Grade as LibraryGrade, Rating } from 'ts-fsrs';

/** How something went when it came back: forgotten, with difficulty, or well. */
export const GRADES = ['forgotten', 'hard', 'good'] as const;

/** How something went when it came back. */
export type Grade = (typeof GRADES)[number];

/** One time that something came back. */
export interface Met {
  /** When, ms since 1970. */
  readonly at: number;
  /** How it went. */
  readonly grade: Grade;
}

/** How well something is kept. */
export interface Kept {
  /** When it comes back, ms since 1970. */
  readonly due: number;
  /** Days until one time in ten it would be forgotten. */
  readonly days: number;
  /** How often it was forgotten after it had been learnt. */
  readonly forgotten: number;
}

const RATINGS: Readonly<Record<Grade, LibraryGrade>> = { forgotten: Rating.Again, hard: Rating.Hard, good: Rating.Good };

/** The times of coming back are exact: the same answers give the same days. */
const scheduler = fsrs({ enable_fuzz: false });

/**
 * When something comes back after all the times it was met, in order: at widening intervals while it is kept, within minutes after
 * it was forgotten. Null for what was never met. By the free spaced repetition scheduler, version 6, with its usual figures.
 */
export function keptAfter(met: readonly Met[]): Kept | null {
  const [first] = met;
  if (!first) return null;
  // After a clock was put back no time has passed.
  const next = (now: Card, { at, grade }: Met): Card =>
    scheduler.next(now, Math.max(at, now.last_review?.getTime() ?? at), RATINGS[grade]).card;
  const card = met.reduce<Card>(next, createEmptyCard(first.at));
  return { due: card.due.getTime(), days: card.stability, forgotten: card.lapses };
}
