export { type Caution, CAUTIONS, cautionsOf } from './cautions.ts';
export { taughtContactMm } from './contact-point.ts';
export { type FingerOn, type FingersAt, fingerWork } from './finger-work.ts';
export { type BowNeed, type HandsHere, handsHere } from './hands-here.ts';
export { rangeInKey, type RangeInKey } from './range-in-key.ts';
export { semitoneStepAt } from './semitone-steps.ts';
export { travelSeconds, travelShare } from './travel-time.ts';
export { isWayOf, waysToPlay, type WayToPlay } from './ways-to-play.ts';
