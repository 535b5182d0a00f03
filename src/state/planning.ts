import { create } from 'zustand';
import type { Brief } from '#core/brief';
import type { AboutPath } from '#core/drill/hot-spots';
import type { Issue } from '#core/messages';
import type { Alternative, PlanSet, Relaxed } from '#core/plan';
import type { Plan } from '#core/plan/describe';

/** The alternatives found for a plan. */
export interface OtherFingerings {
  readonly plan: Plan;
  readonly found: readonly Alternative[];
}

/** The ringing notes and hot spots of a plan. */
export interface KnownPath extends AboutPath {
  readonly plan: Plan;
}

/** The state of planning the brief on the bench. */
export interface Planning {
  /** The last good plan; it stays while the brief cannot be planned. */
  readonly planSet: PlanSet | null;
  /** The brief `planSet` was made from; not the current one while planning, or while the current one cannot be planned. */
  readonly plannedBrief: Brief | null;
  /** The brief that is being planned; null where none is. */
  readonly underWay: Brief | null;
  /** The reasons why the brief cannot be planned. */
  readonly issues: readonly Issue[];
  /** The brief with one limit relaxed, whose plan is shown while the brief itself has none. */
  readonly relaxed: Relaxed | null;
  /** The share of a long line that is planned, 0 to 1; null while nothing long is under way. */
  readonly progress: number | null;
  /** Other fingerings of the plan shown, once they are found. */
  readonly others: OtherFingerings | null;
  /** The index of the one overlaid on the picture. */
  readonly overlaid: number | null;
  /** The ringing notes and hot spots of the plan shown, once they are known. */
  readonly path: KnownPath | null;
  /** The line indexes of the notes that the last plan fingers differently from the one before it, shown for a moment. */
  readonly refingered: readonly number[];
}

/** The state in which nothing is planned yet. */
export const UNPLANNED: Planning = {
  planSet: null,
  plannedBrief: null,
  underWay: null,
  issues: [],
  relaxed: null,
  progress: null,
  others: null,
  overlaid: null,
  path: null,
  refingered: [],
};

/** The planning's state; change it through the actions of this folder. */
export const planningStore = create<Planning>()(() => UNPLANNED);

/** Reads from the planning in a component. */
export function usePlanning<Value>(select: (planning: Planning) => Value): Value {
  return planningStore(select);
}

/** Gives the plan shown; null where there is none yet. */
export function planShown(): Plan | null {
  return planningStore.getState().planSet?.best ?? null;
}

/** Gives the fingering overlaid on the picture; null where there is none, or where the plan has moved on. */
export function overlaidOf({ planSet, others, overlaid }: Pick<Planning, 'planSet' | 'others' | 'overlaid'>): Alternative | null {
  if (overlaid === null || !others || others.plan !== planSet?.best) return null;
  return others.found[overlaid] ?? null;
}
