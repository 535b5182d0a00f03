export { bestOf, isPlayed, staysInOneHand, withoutShifts } from './best-of.ts';
export { type Alteration, type Drill, drillBrief, type DrillFor, drillFor, type DrillNote, type Written } from './drill.ts';
export { noteOfPlan } from './note-of-plan.ts';
export {
  besideIn,
  drillNoteOf,
  fingersOf,
  type Ground,
  groundOf,
  isOnThumb,
  lettersBetween,
  type Standing,
  standingsOf,
  stringNamed,
} from './standings.ts';
