export type { HeardArrival } from './arrival.ts';
export { canFollow } from './follow.ts';
export type { Sound } from './frames.ts';
export type { HeardNote, HeardVoice, PitchTrace, TakeReading } from './heard.ts';
export { type KnownSounds } from './known-sounds.ts';
export { readTake } from './read-take.ts';
