export { bestWays, fingeringLabel, groupedBy } from './best-ways.ts';
export type { Groups, LabelOf } from './best-ways.ts';
export { allPlacements, highestUsefulAnchor } from './candidates.ts';
export type { WantedNote } from './candidates.ts';
export {
  backwardSums,
  cheapestEnd,
  cheapestWay,
  costOfWay,
  forwardSums,
  indexOfLeast,
  relax,
  tracedBack,
  tracedForth,
} from './cheapest-way.ts';
export type { Sums, Way } from './cheapest-way.ts';
export { canBegin, canFollow, noteCost, stepPricer } from './cost.ts';
export type { CostSetting, Gap, NoteRole } from './cost.ts';
export { COST_TERMS } from './cost-terms.ts';
export type { CostTerm, TermSink } from './cost-terms.ts';
export { cheapestWaysByShifts, shiftsFirst } from './counted-ways.ts';
export { folded, unfolded } from './folded.ts';
export type { Folded } from './folded.ts';
export { restricted } from './restricted.ts';
export { buildLattice } from './lattice.ts';
export type { Lattice, LatticeNote, Layer, Step } from './lattice.ts';
export { candidatesFor, PLACEMENT_LIMITS, withinLimit } from './limits.ts';
export type { LimitName, Limits, LimitSetting, NoteLock, OpenStringPolicy } from './limits.ts';
export { termsOfNote } from './note-terms.ts';
export { OPEN_STRING_POLICIES } from './policies.ts';
export { preferredWeights, PREFERENCES, PURPOSES } from './preferences.ts';
export type { Preference, Purpose, Wishes } from './preferences.ts';
export { positionKey, termsOfStep } from './step-terms.ts';
export { WEIGHT_REASONS } from './weight-reasons.ts';
export { WEIGHTS } from './weight-table.ts';
export type { WeightName, Weights } from './weight-table.ts';
export type { PerFinger, WeightEntry, WeightUnit, WeightValue } from './weight-types.ts';
export { weightsFor } from './weights-for.ts';
