import { alternativesTo } from './alternatives.ts';
import { describe } from './describe.ts';
import { relaxed } from './relaxed.ts';
import type { Brief } from './schema.ts';
import { solveBrief } from './solve-brief.ts';
import type { PlanOutcome } from './types.ts';

/** What a call wants beyond the best plan. */
export interface PlanOptions {
  /** How many alternatives at most; none when absent. */
  readonly alternatives?: number;
  /** Hears how much of a long line is laid out, 0 to 1, every thousand notes or so; an error it throws ends the planning. */
  readonly onProgress?: (share: number) => void;
}

/**
 * The one entrance: a teacher's brief becomes plans. Deterministic: equal briefs give equal plans.
 *
 * Read the brief into a line and limits → collect for each note every placement the hand offers → price notes and the
 * steps between them → find the cheapest way through the whole line → describe it. Where nothing can be planned, says
 * which note fails first, why, and what would help, with the plan that this help gives. The brief must match its schema.
 */
export function plan(brief: Brief, options: PlanOptions = {}): PlanOutcome {
  const solved = solveBrief(brief, options.onProgress);
  if (!solved.ok) return { ...solved, relaxed: relaxed(brief, solved.issues) };
  const best = describe(solved.value);
  return { ok: true, value: { best, alternatives: alternativesTo(solved.value, best, options.alternatives ?? 0) } };
}
