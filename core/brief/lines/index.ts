export { DEFAULT_RHYTHM, FIRST_BRIEF } from './first-brief.ts';
export {
  asPlayed,
  partOf,
  type PitchMove,
  type SignChange,
  withBow,
  withNote,
  withNotesInserted,
  withNotesRemoved,
  withPitchesMoved,
  withSigns,
  writeOut,
} from './line-edits.ts';
export { lineTextOf, readLineText } from './line-texts.ts';
export { withIntervalMoved, withOctavesMoved } from './moved.ts';
export { newLine, withOnlyLine, withPlayed, withPlayedTogether } from './played-in.ts';
export { type SignatureEdit, withSignatureFrom } from './signature-edits.ts';
