import { FINEST_TOLERANCE } from '#core/intonation/checks';

/** How far off a note may be before it is called missed, cents: where a player begins. */
export const FIRST_TOLERANCE = 30;

/** It narrows to this share of what it was, at most once in so many days, when so many of the tries of that time were good. */
const NARROWING = { share: 0.85, days: 7, good: 0.8, tries: 40 } as const;

const MS_A_DAY = 86_400_000;

/** What is known when a tolerance is proposed. */
export interface ToleranceSoFar {
  /** Cents. */
  readonly cents: number;
  /** When it was set, ms since 1970. */
  readonly since: number;
  /** Tries since then, and how many were good. */
  readonly tries: number;
  readonly good: number;
}

/**
 * The tolerance to propose next, cents: narrower after a week of mostly good tries, wider by the same share where most were
 * missed, else the same. The figures are ours; the teacher has the last word.
 */
export function proposedTolerance({ cents, since, tries, good }: ToleranceSoFar, now: number): number {
  if (now - since < NARROWING.days * MS_A_DAY || tries < NARROWING.tries) return cents;
  const share = good / tries;
  if (share >= NARROWING.good) return Math.max(FINEST_TOLERANCE, Math.round(cents * NARROWING.share));
  return share < 1 - NARROWING.good / 1.6 ? Math.min(FIRST_TOLERANCE, Math.round(cents / NARROWING.share)) : cents;
}
