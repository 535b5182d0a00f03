export { canFollow } from './follow.ts';
export { type HeardNote, readTake, type TakeReading } from './read-take.ts';
export type { Sound } from './frames.ts';
