export {
  checkedNote,
  type Checkpoint,
  checkpointsOf,
  checksOfStop,
  instrumentOf,
  intonationOf,
  intonedStops,
  type IntonedStop,
  ornamentHz,
  type Pair,
  pairOf,
  ringingNotes,
} from './intoned.ts';
export { scaleSteps, type ScaleSteps } from './scale-steps.ts';
