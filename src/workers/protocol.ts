import type { AboutPath, Alternative, Brief, Effect, Lock, Plan, PlanOutcome, Reason, WayToPlay, WhatChanged, WhyNot } from '#core/plan';
import type { Reading } from '#core/reading';

/** Which stops of which notes an open string rings with: by line index, 0 for the lower stop, 1 for the upper. */
export type Ringing = ReadonlyMap<number, readonly number[]>;

/** What the planning worker offers: the best plan, soonest. */
export interface Planner {
  /** Plans an ordinary brief; null where the advisor must be asked; `report` hears how much is done, 0 to 1. */
  readonly plan: (brief: Brief, report: (share: number) => void) => Plan | null;
}

/** What the advising worker offers: answers about a plan, which may take longer than the plan. */
export interface Advisor {
  /** Plans any brief, or says why it cannot be and what would help. */
  readonly outcome: (brief: Brief) => PlanOutcome;
  readonly alternatives: (brief: Brief, most: number) => readonly Alternative[];
  readonly waysToPlay: (brief: Brief, note: number) => Reading<readonly WayToPlay[]>;
  readonly reasonsOf: (brief: Brief, note: number | null) => Reading<readonly Reason[]>;
  readonly whyNot: (brief: Brief, wish: Lock) => WhyNot | null;
  /** What a change of instrument or player does to a piece. */
  readonly whatChanged: (before: Brief, after: Brief) => WhatChanged | null;
  /** What is told on the path beside the fingering; asked with the brief, since a long plan is slow to hand over. */
  readonly aboutPath: (brief: Brief, mostHard: number) => AboutPath;
  /** What each part of a brief does to the numbers. */
  readonly effects: (brief: Brief) => readonly Effect[];
}
