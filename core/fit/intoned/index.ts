export {
  checkedNote,
  type Checkpoint,
  checkpointsOf,
  checksOfStop,
  instrumentOf,
  intonationOf,
  intonedStops as intoned,
  type IntonedStop,
  ornamentHz,
  type Pair,
  pairOf,
  ringingNotes,
} from './intoned.ts';
export { scaleSteps, type ScaleSteps } from './scale-steps.ts';
