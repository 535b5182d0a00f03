export { attempt, type Attempt } from './attempt.ts';
export { cheapestWanted, handBreaks, oneHandWay, placementsAt } from './one-hand.ts';
export { oneHandWays } from './one-hand-search.ts';
export { noteSteps, placementsOfNote, soundingNotes, stepsAgain } from './note-steps.ts';
export { type PlacedNote, placedNotes } from './placed-note.ts';
export { solveBrief, solvedOrWhy } from './solve-brief.ts';
export {
  asksOfWholeLine,
  type Laid,
  laid,
  laidAgain,
  possibleShiftCounts,
  solve,
  type Solved,
  type Space,
  spacesFor,
  wayIn,
  withWay,
} from './solve.ts';
