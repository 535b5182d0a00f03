export { attempt, type Attempt } from './attempt.ts';
export { cheapestFingerings } from './cheapest-fingerings.ts';
export { noteSteps, placementsOfNote, soundingNotes, stepsAgain } from './note-steps.ts';
export { oneHandWays } from './one-hand/one-hand-search.ts';
export { cheapestWanted, handBreaks, oneHandWay, placementsAt } from './one-hand/one-hand.ts';
export { type PlacedNote, placedNotes } from './placed-note.ts';
export { solveBrief, solvedOrWhy } from './solve-brief.ts';
export {
  asksOfWholeLine,
  layTask,
  type Laid,
  layOutAgain,
  possibleShiftCounts,
  solve,
  type Solved,
  spacesFor,
  wayIn,
  withWay,
} from './solve.ts';
