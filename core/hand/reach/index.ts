export { ARM_MM, FOURTH_FINGERS, HandMeasurements } from './hand-measurements.ts';
export { FINGER_DISTANCE_MM, HAND_PRESETS, type HandPreset, HOME_FRAME } from './hand-presets.ts';
export {
  lowestCrowded,
  momentNeed,
  needMm,
  type PlayerHand,
  presetHand,
  reachFor,
  type ReachNeed,
  reachNeedOf,
  reachOf,
  type ReachVerdict,
  readPlayerHand,
  verdictOf,
} from './reach.ts';
