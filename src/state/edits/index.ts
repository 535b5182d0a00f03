export {
  acceptRelaxation,
  adoptAlternative,
  changeBrief,
  changeBriefAndReadLine,
  describeInstrument,
  givePieceTo,
  lockPassage,
  namePlayer,
  playOnInstrument,
  settleChange,
  typeLine,
  unlock,
} from './brief-actions.ts';
export { compareGiven, lockGiven, removeGiven } from './given-fingering.ts';
export {
  bowTogether,
  insertAfter,
  movePitches,
  removeNotes,
  setDuration,
  setSigns,
  typePitches,
  writeMark,
  writeOutLine,
} from './line-actions.ts';
export { pieceOfPassage } from './passage-piece.ts';
export { playKey, writeNote } from './played-in.ts';
export { prescribeBowing, unlockBowing } from './typed-bowing.ts';
export { prescribe } from './typed-fingering.ts';
