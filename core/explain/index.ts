export { type Correction, correctionOf } from './correction.ts';
export type { Compared } from './compared.ts';
export {
  fingeredOtherwise,
  comparePlans,
  type ComparedNote,
  type ComparedPlans,
  type PlanSums,
  samePrices,
  sumsOf,
} from './differences.ts';
export { type Effect, effectsOf } from './effects.ts';
export type { Evidence, Ground, Instead, Moment, Reason, ReasonAbout, Without } from './reason.ts';
export { reasonsOf } from './reasons.ts';
export { type PlanTraits, traitsOf } from './traits.ts';
export { type Through, throughOf } from './through.ts';
export { whatChanged, type WhatChanged } from './what-changed.ts';
export { whyNot, type WhyNot } from './why-not.ts';
