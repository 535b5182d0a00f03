export { aboutPath, type AboutPath } from './about-path.ts';
export {
  HOT_SPOT_KINDS,
  type HotSpot,
  type HotSpotKind,
  type KnownOfPlayer,
  NOTHING_KNOWN,
  type Place,
  type SpotGround,
  type Tried,
  type Way,
} from './hot-spots/hot-spot.ts';
export { hotSpotsOf } from './hot-spots/hot-spots.ts';
export { type Alteration, type Drill, drillBrief, type DrillFor, drillFor, type DrillNote } from './drill.ts';
export { type LoopHow, loopOf } from './hot-spots/loop.ts';
export { classOf, keyOfClass, reversed, sameClass, type ShiftClass, type ShiftDistance } from './shifts/shift-class.ts';
export { shiftStudy, STUDY_ORDERS, type StudyOf, type StudyOrder } from './shifts/shift-study.ts';
