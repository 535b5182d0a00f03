export {
  type AssignmentBrought,
  assignmentText,
  type BroughtToPupil,
  type GivenToPupil,
  piecesIn,
  readAssignmentText,
} from './assignment.ts';
export { addToLog, type LogBrought, logText, readLogText } from './log-file.ts';
