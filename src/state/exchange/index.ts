export {
  type AssignmentBrought,
  assignmentText,
  type BroughtToPupil,
  type GivenToPupil,
  piecesIn,
  readAssignmentText,
} from './assignment.ts';
export { piecesThatStay, withoutPieces } from './stays-here.ts';
export { addToLog, type LogBrought, logText, readLogText } from './log-file.ts';
