export { bestFingerings } from './best-fingerings.ts';
export { lockOf } from './lock-of.ts';
export { carryLocks, withLock, withLocks, withMark, withoutLock } from './locks.ts';
export type { CarriedLocks } from './locks.ts';
export { plan } from './plan.ts';
export { planBest } from './plan-best.ts';
export type { PlanOptions } from './plan.ts';
export { MOST_NOTES_EXPLAINED, reasonsOf } from './reasons.ts';
export type { Reason, ReasonAbout } from './reasons.ts';
export { whyNot } from './why-not.ts';
export type { WhyNot } from './why-not.ts';
export { readBrief } from './read-brief.ts';
export type { Task } from './read-brief.ts';
export { checkedNote, checkpointsOf, instrumentOf, intonationOf, intoned, ringingNotes } from './intoned.ts';
export type { Checkpoint, IntonedStop } from './intoned.ts';
export { grown, handOfPlan, heldAgainst, onEverySize, onSize } from './what-if.ts';
export type { FittingSizes, HeldAgainst, SizeHeld, StayHeld } from './what-if.ts';
export { whatChanged } from './what-changed.ts';
export type { WhatChanged } from './what-changed.ts';
export { MOST_SHIFTS, WAYS_DOWN } from './choices.ts';
export { fingeredOtherwise, holdPlans, samePrices, sumsOf } from './differences.ts';
export type { NoteHeld, PlansHeld, PlanSums } from './differences.ts';
export { effectsOf } from './effects.ts';
export type { Asked, Effect } from './effects.ts';
export { aboutPath, hardestPlaces } from './hardest.ts';
export type { AboutPath, HardPlace } from './hardest.ts';
export { nextInKey, partOf, withBow, withNote, withNotesInserted, withNotesRemoved, withPitchesMoved, writtenOut } from './line-edits.ts';
export type { PitchMove } from './line-edits.ts';
export { parseFingering, withFingering } from './typed-fingering.ts';
export type { PrescribedFinger } from './typed-fingering.ts';
export { BOW_DIRECTIONS, Brief, Limits, Lock, Mark, PlayerProfile } from './schema.ts';
export type {
  AcrossStrings,
  Alternative,
  CostBreakdown,
  CostDifference,
  CostLine,
  FingerGap,
  FingerPattern,
  Guide,
  InBetweenNote,
  Landmark,
  Plan,
  PlannedNote,
  PlannedReach,
  PlannedSound,
  PlanOutcome,
  PlanSet,
  Relaxed,
  SetDown,
  Shift,
  Stay,
  Stop,
} from './types.ts';
export { waysToPlay, wishOf } from './ways-to-play.ts';
export type { WayToPlay } from './ways-to-play.ts';
