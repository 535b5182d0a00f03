export { DEFAULT_RHYTHM, FIRST_BRIEF } from './first-brief.ts';
export {
  partOf,
  type PitchMove,
  type SignChange,
  withBow,
  withNote,
  withNotesInserted,
  withNotesRemoved,
  withPitchesMoved,
  withSigns,
  writtenOut,
} from './line-edits.ts';
export { lineTextOf, readLineText } from './line-texts.ts';
export { type CarriedLocks, carryLocks, lockOf, wishOf, withLock, withoutLock, withoutLocks } from './locks.ts';
export { withMark } from './marks.ts';
export { withOctavesMoved } from './moved.ts';
export { passageAt, type PassageEnds, withPassage } from './passages.ts';
export { newLine, type PlayedIn, withOnlyLine, withPlayed, withPlayedTogether } from './played-in.ts';
export { type SignatureEdit, withSignatureFrom } from './signature-edits.ts';
export { parseBowing, withBowing, withLockedBows } from './typed-bowing.ts';
export { parseFingering, withFingering } from './typed-fingering.ts';
