export { isAugmentedSecond, standApart } from './apart.ts';
export { FIRST_TAPES } from './first-tapes.ts';
export { type KeyedStrings, keyedStrings } from './keyed-strings.ts';
export { remember as remembered, rememberInKey as rememberedInKey } from './remembered.ts';
export { HandSchool } from './school.ts';
export { schoolsOf } from './schools.ts';
export {
  comesBack,
  type Finger,
  type FingerPlace,
  FINGERS,
  type Frame,
  type HandModel,
  handMoves,
  inThumbPosition,
  isShift,
  type NoteOnString,
  openStop,
  type Placement,
  placementOf,
  type PlacementsOf,
  type PositionName,
  rankOf,
  sameFingering,
  sameStop,
  type Shape,
  soundingIn,
  standingBeside,
  type StandingHand,
  stopIn,
  stopOf,
  stopsIn,
  type StringStop,
} from './types.ts';
