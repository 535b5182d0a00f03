export { aboutPath, type AboutPath } from './about-path.ts';
export {
  HOT_SPOT_KINDS,
  type HotSpot,
  type HotSpotKind,
  type KnownOfPlayer,
  LOOP_KINDS,
  type LoopKind,
  type LoopPlace,
  NOTHING_KNOWN,
  type Place,
  type SpotGround,
  type Tried,
  type Way,
} from './hot-spot.ts';
export { hotSpotsOf } from './hot-spots.ts';
export { checkAfter, loopOf, loopWritten, withLoopFingers } from './loop.ts';
export { aroundNote, soundAt } from './places.ts';
