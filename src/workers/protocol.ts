import type { Alternative, Brief, Lock, PlanOutcome, Reason, WayToPlay, WhyNot } from '#core/plan';
import type { Reading } from '#core/reading';

/** What the planning worker offers: the core's entrances, nothing else. */
export interface Planner {
  /** Plans a brief; `report` hears how much is done, 0 to 1. */
  readonly plan: (brief: Brief, report: (share: number) => void) => PlanOutcome;
  readonly alternatives: (brief: Brief, most: number) => readonly Alternative[];
  readonly waysToPlay: (brief: Brief, note: number) => Reading<readonly WayToPlay[]>;
  readonly reasonsOf: (brief: Brief, note: number | null) => Reading<readonly Reason[]>;
  readonly whyNot: (brief: Brief, wish: Lock) => WhyNot | null;
}
