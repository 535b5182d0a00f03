export {
  bodyTooLarge, bracketWithout, damagedDocument, documentNotMatching, durationNotWritable, excludedByLimits, excludedByOneLimit, fileOfNewerVersion,
  fingerNotInSchool, keyTooFar, lineEmpty, lineOnlyRests, lineTooLong, lockBelowString, lockBehindNut, lockNotOpen, lockOutOfReach, lockOutsideLine,
  noteAboveSchool, noteBelowStrings, notAKey, notAPitch, notATokenOfALine, notJson, pitchNeedsOctave, schoolNotOfInstrument, stringsOutOfOrder, tieToOtherPitch,
  unknownPosition, unknownSize, unknownString,
} from './messages.ts';
export type { Words } from './messages.ts';
export { positionMark, positionShort, positionWords } from './positions.ts';
export type { PositionLike } from './positions.ts';
