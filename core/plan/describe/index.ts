export { costBreakdown, costDifferences } from './cost-breakdown.ts';
export { describe } from './describe.ts';
export { namingPlacement, positionOf } from './position-of.ts';
export { standsOutside } from './stays/outside-rest.ts';
export { gapsOfKey, patternKey } from './stays/patterns.ts';
export type { CostDifference, Plan } from './types/plan.ts';
export type { Guide, InBetweenNote, Shift } from './types/shift.ts';
export type { FingerGap, FingerPattern, SetDown, Stay } from './types/stay.ts';
export type { Diagonal, Partner, PlannedNote, PlannedReach, PlannedSound, Stop } from './types/stop.ts';
