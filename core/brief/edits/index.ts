export { withLimit, withLimits, withPreference, withPurpose, withRhythm, withSamePattern, withTempo, withWayDown } from './asked-edits.ts';
export { DEFAULT_RHYTHM, FIRST_BRIEF } from './first-brief.ts';
export { withInstrument, withInstrumentSpec, withIntonation, withSize } from './instrument-edits.ts';
export {
  nextInKey,
  partOf,
  type PitchMove,
  withBow,
  withNote,
  withNotesInserted,
  withNotesRemoved,
  withPitchesMoved,
  writtenOut,
} from './line-edits.ts';
export { lineTextOf, readLineText } from './line-texts.ts';
export { type CarriedLocks, carryLocks, lockOf, wishOf, withLock, withoutLock } from './locks.ts';
export { withMark } from './marks.ts';
export { withLineKey, withMaterial, withMaterialKind, withPattern, withTonicName } from './material-edits.ts';
export { withHand, withProfile, withSchool } from './player-edits.ts';
export { HIGHEST_OFFERED, tonicNames, tonicOctaves } from './tonics.ts';
export { parseFingering, withFingering } from './typed-fingering.ts';
