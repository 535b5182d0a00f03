export type { ChosenString } from './chosen-strings.ts';
export type { Doubt } from './doubts.ts';
export { givenLocks } from './given-locks.ts';
export type { PassageApart } from './passages-apart.ts';
export { type AgainstOurs, type GivenFingering, type OtherFinger, readGiven } from './read-given.ts';
