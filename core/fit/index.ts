export { type Advice, adviceFor } from './advice.ts';
export { type Caution, CAUTIONS, cautionsOf } from './cautions.ts';
export { taughtContactMm } from './contact-point.ts';
export {
  checkedNote,
  type Checkpoint,
  checkpointsOf,
  checksOfStop,
  instrumentOf,
  intonationOf,
  intoned,
  type IntonedStop,
  type Pair,
  pairOf,
  ornamentHz,
  ringingNotes,
} from './intoned.ts';
export { type FingeredAgain, fingeredAgain, type FittingSizes, onEverySize } from './sizes.ts';
export { type FingerOn, fingerWork, type FingersAt } from './finger-work.ts';
export { type RangeInKey, rangeInKey } from './range-in-key.ts';
export { type SemitoneStep, semitoneStepAt } from './semitone-steps.ts';
export { type ScaleSteps, scaleSteps } from './scale-steps.ts';
export { travelSeconds, travelShare } from './travel-time.ts';
export { isWayOf, waysToPlay, type WayToPlay } from './ways-to-play.ts';
export { grown, handOfPlan, fitOf, type Fit, onSize, type StayFit } from './what-if.ts';
