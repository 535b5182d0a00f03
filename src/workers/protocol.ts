import type { Brief, PlanSet, WayToPlay } from '#core/plan';
import type { Reading } from '#core/reading';

/** What the planning worker offers: the core's entrances, nothing else. */
export interface Planner {
  readonly plan: (brief: Brief) => Reading<PlanSet>;
  readonly waysToPlay: (brief: Brief, note: number) => Reading<readonly WayToPlay[]>;
}
