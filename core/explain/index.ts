export type { Compared } from './compared.ts';
export { type Correction, correctionOf } from './correction.ts';
export {
  type ComparedNote,
  type ComparedPlans,
  comparePlans,
  fingeredOtherwise,
  type PlanSums,
  samePrices,
  sumsOf,
} from './differences.ts';
export { type Effect, effectsOf } from './effects.ts';
export type { Evidence, Ground, Instead, Moment, Reason, ReasonAbout, Without } from './reason.ts';
export { reasonsOf } from './reasons.ts';
export { type Through, throughOf } from './through.ts';
export { type PlanTraits, traitsOf } from './traits.ts';
export { whatChanged, type WhatChanged } from './what-changed.ts';
export { whyNot, type WhyNot } from './why-not.ts';
