export { capsOf, type Strain, strictest, USUAL_REST } from './caps.ts';
export { groupsOfItem, notesOfPart, runItem } from './run-item.ts';
export {
  countHeardTry,
  itemOf,
  type MissedAt,
  pointAtMiss,
  recordMiss,
  type Pressed,
  answerSignal,
  rungOf,
  type RunItem,
  type SessionLeft,
  type SessionRun,
  sessionRun,
  type Signal,
  type Step,
} from './run.ts';
export { soundOfItem, type InHand, type PracticeSound, soundingAt } from './sounding.ts';
export { type ItemSchedule, scheduleItem, type ScheduledSet, type SessionSums, sumSchedules } from './schedule.ts';
