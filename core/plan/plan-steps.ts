import type { Brief } from '#core/brief';
import { describe } from '#core/plan/describe';
import type { Steps } from '#core/result';
import { attempt, solvedOrWhy } from '#core/solve';
import { otherFingerings } from './others/other-fingerings.ts';
import { relax } from './relaxed.ts';
import type { PlanOutcome } from './types.ts';

/** The options of a call beyond the best plan. */
export interface PlanOptions {
  /** The largest number of alternatives; none when absent. */
  readonly alternatives?: number;
  /** Receives the share of a long line that is laid out, 0 to 1, every thousand notes or so; an error it throws ends the planning. */
  readonly onProgress?: (share: number) => void;
}

/** Plans a brief step by step; see `plan`. */
export function* planSteps(brief: Brief, { alternatives = 0, onProgress }: PlanOptions = {}): Steps<PlanOutcome> {
  const tried = attempt(brief, onProgress);
  const solved = solvedOrWhy(tried);
  if (!solved.ok) return { ...solved, relaxed: yield* relax(brief, solved.issues, tried) };
  const best = describe(solved.value);
  return { ok: true, value: { best, alternatives: yield* otherFingerings(solved.value, best, alternatives) } };
}
