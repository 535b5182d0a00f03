import type { Brief } from '#core/brief';
import type { Issue } from '#core/messages';
import type { CostDifference, Plan } from '#core/plan/describe';
import type { AlternativeName } from './others/name.ts';

/** Another fingering of the same line that a player would call different, compared with the one chosen. */
export interface Alternative {
  /** What it does otherwise. */
  readonly name: AlternativeName;
  /** The whole line as it is fingered there. */
  readonly plan: Plan;
  /** Line indexes of the notes fingered differently. */
  readonly differsAt: readonly number[];
  /** Its cost less that of the chosen plan, by the same weights. */
  readonly deltaThousandths: number;
  /** What it saves, costliest first. */
  readonly gains: readonly CostDifference[];
  /** What it pays, costliest first. */
  readonly pays: readonly CostDifference[];
}

/** What planning a brief gives. */
export interface PlanSet {
  /** The cheapest plan. */
  readonly best: Plan;
  /** Cheapest first. */
  readonly alternatives: readonly Alternative[];
}

/** A brief with one limit relaxed, and the plan it then has. */
export interface Relaxed {
  /** What was relaxed, as it follows "It can be played": "with third position allowed too". */
  readonly relaxation: string;
  /** The brief after it. */
  readonly brief: Brief;
  /** Its best plan. */
  readonly plan: Plan;
}

/** What comes of a brief: plans, or why there are none, with the plan that relaxing one limit would give. */
export type PlanOutcome =
  /** The plans. */
  | { readonly ok: true; readonly value: PlanSet }
  /** Why there is none, and what would help. */
  | { readonly ok: false; readonly issues: readonly Issue[]; readonly relaxed: Relaxed | null };

/** A brief that asks for less, or for the same elsewhere, and what to call it. */
export interface Relaxation {
  /** What was given up or moved, as it follows "It can be played". */
  readonly words: string;
  /** The brief so. */
  readonly brief: Brief;
}
