import type { Brief } from '#core/brief';
import type { Issue } from '#core/messages';
import type { CostDifference, Plan } from '#core/plan/describe';
import type { AlternativeName } from './others/name.ts';

/** Another fingering of the same line that a player would call different, compared with the one chosen. */
export interface Alternative {
  /** The name of what it does otherwise. */
  readonly name: AlternativeName;
  /** The whole line as it is fingered there. */
  readonly plan: Plan;
  /** The line indexes of the notes fingered differently. */
  readonly differsAt: readonly number[];
  /** Its cost minus that of the chosen plan, by the same weights. */
  readonly deltaThousandths: number;
  /** The costs that it saves, the largest first. */
  readonly gains: readonly CostDifference[];
  /** The costs that it adds, the largest first. */
  readonly pays: readonly CostDifference[];
}

/** The plans of a brief. */
export interface PlanSet {
  /** The cheapest plan. */
  readonly best: Plan;
  /** The other fingerings, cheapest first. */
  readonly alternatives: readonly Alternative[];
}

/** A brief with one limit relaxed, and the plan it then has. */
export interface Relaxed {
  /** The words for what was relaxed, as they follow "It can be played": "with third position allowed too". */
  readonly relaxation: string;
  /** The brief with the limit relaxed. */
  readonly brief: Brief;
  /** The best plan of that brief. */
  readonly plan: Plan;
}

/** The outcome of planning a brief: plans, or the reasons why there are none, with the plan that relaxing one limit would give. */
export type PlanOutcome =
  /** The brief could be planned. */
  | { readonly ok: true; readonly value: PlanSet }
  /** The brief could not be planned: the reasons, and what would help. */
  | { readonly ok: false; readonly issues: readonly Issue[]; readonly relaxed: Relaxed | null };

/** A brief that asks for less, or for the same elsewhere, and the words for the change. */
export interface Relaxation {
  /** The words for what was given up or moved, as they follow "It can be played". */
  readonly words: string;
  /** The brief after the change. */
  readonly brief: Brief;
}
