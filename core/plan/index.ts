export { carryLocks, withLock, withoutLock } from './locks.ts';
export type { CarriedLocks } from './locks.ts';
export { plan } from './plan.ts';
export { readBrief } from './read-brief.ts';
export type { Task } from './read-brief.ts';
export { Brief, Limits, Lock } from './schema.ts';
export type { CostBreakdown, CostLine, PlannedNote, PlannedSound, Plan, PlanSet, Shift, Stay, Stop } from './types.ts';
export { waysToPlay } from './ways-to-play.ts';
export type { WayToPlay } from './ways-to-play.ts';
