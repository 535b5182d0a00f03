export { BEFORE_FIRST, followLive, type HeardNow, type LivePlace } from './live-follower.ts';
export { type LiveEar, liveEar } from './live-pitch.ts';
