import { goodReading, type Reading } from '#core/reading';
import { buildLattice, cheapestWay } from '#core/search';
import { describe } from './describe.ts';
import { noteSteps } from './note-steps.ts';
import { readBrief } from './read-brief.ts';
import type { Brief } from './schema.ts';
import type { PlanSet } from './types.ts';
import { whyNone } from './why-none.ts';

/**
 * The one entrance: a teacher's brief becomes plans. Deterministic: equal briefs give equal plans.
 *
 * Read the brief into a line and limits → collect for each note every placement the hand offers → price notes and the
 * steps between them → find the cheapest way through the whole line → describe it. Where nothing can be planned, says
 * which note fails first, why, and what would help. The brief must match its schema.
 */
export function plan(brief: Brief): Reading<PlanSet> {
  const task = readBrief(brief);
  if (!task.ok) return task;
  const steps = noteSteps(task.value);
  const blocked = steps.find((step) => step.candidates.length === 0);
  if (blocked) return whyNone(task.value, blocked.index);
  const lattice = buildLattice(task.value, steps);
  const way = cheapestWay(lattice);
  if (!way) throw new Error('Every note has a candidate, yet no way leads through: the hand has a hole');
  const placements = lattice.layers.map((layer, index) => layer.candidates[way.choices[index] ?? 0]);
  return goodReading({ best: describe(task.value, steps, placements) });
}
