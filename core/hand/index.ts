export { FIRST_TAPES } from './first-tapes.ts';
export { handOf, USUAL_OPTIONS } from './hand-of.ts';
export { School } from './school.ts';
export { schoolsOf } from './schools.ts';
export { LOWEST_THUMB, USUAL_THUMB } from './thumb-shapes.ts';
export {
  type Finger,
  type FingerPlace,
  FINGERS,
  type HandModel,
  inThumbPosition,
  type NoteOnString,
  type Placement,
  type PositionName,
  rankOf,
  type Shape,
  stopAt,
  type StringStop,
} from './types.ts';
