export { type CarriedLocks, carryLocks, lockOf, wishOf, withLock, withLocks, withoutLock, withoutLocks } from './locks.ts';
export { withMark, withMarks } from './marks.ts';
export { passageAt, withPassage, withPassages } from './passages.ts';
export { parseBowing, withBowing, withLockedBows } from './typed-bowing.ts';
export { parseFingering, withFingering } from './typed-fingering.ts';
