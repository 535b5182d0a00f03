export type { Compared } from './compared.ts';
export { fingeredOtherwise, holdPlans, type NoteHeld, type PlansHeld, type PlanSums, samePrices, sumsOf } from './differences.ts';
export { type Effect, effectsOf } from './effects.ts';
export { aboutPath, type AboutPath, type HardPlace } from './hardest.ts';
export type { Evidence, Instead, Reason, ReasonAbout, Without } from './reason.ts';
export { reasonsOf } from './reasons.ts';
export { type Through, throughOf } from './through.ts';
export { whatChanged, type WhatChanged } from './what-changed.ts';
export { whyNot, type WhyNot } from './why-not.ts';
