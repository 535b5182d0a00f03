import { FINEST_TOLERANCE } from '#core/intonation/checks';

/** The tolerance with which a player begins, cents. */
export const FIRST_TOLERANCE = 30;

/** The share to which a tolerance narrows, at most once in this number of days, when this share of the tries of that time was good. */
const NARROWING = { share: 0.85, days: 7, good: 0.8, tries: 40 } as const;

const MS_A_DAY = 86_400_000;

/** The facts from which a tolerance is proposed. */
export interface ToleranceSoFar {
  /** The tolerance now, cents. */
  readonly cents: number;
  /** The moment it was set, ms since 1970. */
  readonly since: number;
  /** The number of tries since then. */
  readonly tries: number;
  /** The number of good tries among them. */
  readonly good: number;
}

/**
 * Proposes the next tolerance, cents: narrower after a week of mostly good tries, wider by the same share where most were missed, else the
 * same. The figures are our own; the teacher has the last word.
 */
export function proposedTolerance({ cents, since, tries, good }: ToleranceSoFar, now: number): number {
  if (now - since < NARROWING.days * MS_A_DAY || tries < NARROWING.tries) return cents;
  const share = good / tries;
  if (share >= NARROWING.good) return Math.max(FINEST_TOLERANCE, Math.round(cents * NARROWING.share));
  return share < 1 - NARROWING.good / 1.6 ? Math.min(FIRST_TOLERANCE, Math.round(cents / NARROWING.share)) : cents;
}
