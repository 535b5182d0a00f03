export { clicksOf, SOUNDS_ALONG, type SoundAlong } from './along.ts';
export { type ReadTake, type TakeOfVisit, type TakeState, useTake } from './use-take.ts';
