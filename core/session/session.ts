import { type Brief, readBrief, type Task } from '#core/brief';
import { describe, type Plan } from '#core/plan/describe';
import type { Reading } from '#core/result';
import { attempt, type Attempt } from '#core/solve';

/**
 * A session with one brief: it is read, laid out and solved once, and every question about it builds on that. Nothing is computed before it
 * is asked for.
 */
export interface Session {
  /** The brief it was opened with. */
  readonly brief: Brief;
  /** The brief, read. */
  readonly task: () => Reading<Task>;
  /** Gives the attempt at solving it; `onProgress` receives, the first time, the share of a long line that is laid out, 0 to 1. */
  readonly attempt: (onProgress?: (share: number) => void) => Attempt;
  /** The best plan; null where there is none. */
  readonly best: () => Plan | null;
}

/** Opens a session on a brief. */
export function openSession(brief: Brief): Session {
  let read: Reading<Task> | null = null;
  let tried: Attempt | null = null;
  let best: Plan | null = null;
  const solve = (onProgress?: (share: number) => void): Attempt => (tried ??= attempt(brief, onProgress));
  return {
    brief,
    task: () => (read ??= readBrief(brief)),
    attempt: solve,
    best: () => {
      const now = solve();
      return now.kind === 'solved' ? (best ??= describe(now.solved)) : null;
    },
  };
}
