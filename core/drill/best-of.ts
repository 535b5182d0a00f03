import type { Brief } from '#core/brief';
import { describe, type Plan } from '#core/plan/describe';
import { attempt } from '#core/solve';

/** The best fingering of a brief; null where there is none. Unlike `plan` it does not ask why not, which takes far longer. */
export function bestOf(brief: Brief): Plan | null {
  const tried = attempt(brief);
  return tried.kind === 'solved' ? describe(tried.solved) : null;
}

/** Whether a hand plays a brief. */
export function isPlayed(brief: Brief): boolean {
  return attempt(brief).kind === 'solved';
}
