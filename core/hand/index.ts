export { isAugmentedSecond, standApart } from './apart.ts';
export { FIRST_TAPES } from './first-tapes.ts';
export { type KeyedStrings, keyedStrings } from './keyed-strings.ts';
export { remember, rememberInKey } from './remembered.ts';
export { HandSchool } from './school.ts';
export { schoolsOf } from './schools.ts';
export { type FingerPlace, type Frame, type HandModel, type NoteOnString, type PlacementsOf, type PositionName } from './types.ts';
