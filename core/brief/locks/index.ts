export { countFingered, fingeringIn, lockGiven, withGivenLocked, withGivenUnlocked } from './given.ts';
export { type CarriedLocks, carryLocks, lockOf, wishOf, withGiven, withLock, withLocks, withoutLock, withoutLocks } from './locks.ts';
export { withMark, withMarks } from './marks.ts';
export { passageAt, withPassage, withPassages } from './passages.ts';
export { parseBowing, withBowing, withLockedBows } from './typed-bowing.ts';
export { parseFingering, withFingering } from './typed-fingering.ts';
