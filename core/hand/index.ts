export { chordsOf, doubleStopsIn } from './chords.ts';
export { FIRST_TAPES } from './first-tapes.ts';
export { handOf, USUAL_OPTIONS } from './hand-of.ts';
export { type KeyedStrings, keyedStrings } from './keyed-strings.ts';
export { STOPPED_HARMONIC_ABOVE, stoppedHarmonics, TOUCHED_ABOVE, withOrnament } from './partners.ts';
export { HandSchool } from './school.ts';
export { schoolsOf } from './schools.ts';
export { LOWEST_THUMB, USUAL_THUMB } from './thumb-shapes.ts';
export {
  type Finger,
  type FingerPlace,
  FINGERS,
  handMoves,
  type HandModel,
  inThumbPosition,
  isShift,
  type NoteOnString,
  openStop,
  type Placement,
  type PositionName,
  rankOf,
  comesBack,
  sameFingering,
  sameStop,
  type Shape,
  soundingIn,
  stopIn,
  stopsIn,
  type StringInKey,
  type StringStop,
} from './types.ts';
