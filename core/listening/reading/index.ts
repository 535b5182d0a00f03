export type { HeardArrival } from './arrival.ts';
export { canFollow } from './follow.ts';
export type { HeardNote, HeardVoice, PitchTrace, TakeReading } from './heard.ts';
export { pitchFinder } from './period.ts';
export { readTake } from './read-take.ts';
