export { changedWeights } from './changed-weights.ts';
export type { CostTerm, TermSink } from './cost-terms.ts';
export { mixedWeights, plus, times } from './mixed-weights.ts';
export { CLEAR_FROM, EASY_SPEED_MM_PER_SECOND, EQUAL_BELOW, type WeightName, type Weights, WEIGHTS } from './weight-table.ts';
export type { PerFinger, WeightUnit, WeightValue } from './weight-types.ts';
export { weightsFor } from './weights-for.ts';
