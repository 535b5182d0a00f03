import type { Brief } from '#core/brief';
import type { Reason } from '#core/explain';
import type { Plan } from '#core/plan/describe';

/** A reason, and the plan it is about. */
export interface Told {
  readonly reason: Reason;
  readonly brief: Brief;
  readonly best: Plan;
}

/** The fault of a sentence; null where it is true; unproven where no plan was found that shows it. */
export type Untrue = string | null;

/** The members of a union whose key has a value. */
export type Of<Union, Key extends string, Value> = Union extends { readonly [Name in Key]: infer Has }
  ? Value extends Has
    ? Union
    : never
  : never;
