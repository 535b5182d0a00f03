import type { Brief } from '#core/brief';
import { describe, type Plan } from '#core/plan/describe';
import { attempt } from '#core/solve';

/**
 * Plans the best fingering of a brief; null where there is none. Unlike `plan` it does not ask why there is none, which takes far longer.
 */
export function bestOf(brief: Brief): Plan | null {
  const tried = attempt(brief);
  return tried.kind === 'solved' ? describe(tried.solved) : null;
}

/** Tells whether a hand plays a brief. */
export function isPlayed(brief: Brief): boolean {
  return attempt(brief).kind === 'solved';
}

/** Asks for a brief to be played without a shift. */
export function withoutShifts(brief: Brief): Brief {
  return { ...brief, limits: { ...brief.limits, shifts: 0 } };
}

/** Tells whether one hand plays a brief from its first note to its last without a shift. */
export function staysInOneHand(brief: Brief): boolean {
  return bestOf(withoutShifts(brief))?.notOneHand.length === 0;
}
